<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\News;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Messages\ShopMessages;

/**
 * Who wants letters from the shop. An address counts once its owner has followed the link that was sent to it; until then
 * it is kept for a few days.
 *
 * @shape Subscriber array{id: int, address: string, askedAt: string, confirmedAt: string|null}
 */
final readonly class Subscribers
{
    /** How long a link to confirm counts. */
    private const DAYS = 7;

    public function __construct(private ShopMessages $messages)
    {
    }

    /** Whoever is on the list already is sent nothing, and nobody learns of it. */
    public function ask(string $address): void
    {
        $this->forgetOld();
        $address = mb_strtolower($address);
        $row = DB::table('news_addresses')->where('address', $address)->first();
        if ($row !== null && $row->confirmed_at !== null) {
            return;
        }
        $asked = now()->toIso8601ZuluString();
        DB::table('news_addresses')->upsert([['address' => $address, 'asked_at' => $asked]], ['address'], ['asked_at']);
        $id = (int) DB::table('news_addresses')->where('address', $address)->value('id');
        $this->send($address, 'news.subject', 'news.letter', ['confirm' => self::address($id, 'confirm', "$address $asked")]);
    }

    /** @return string|null the address; null when the link counts no more */
    public function confirm(int $id, string $mark): ?string
    {
        $this->forgetOld();
        $row = $this->read($id);
        if ($row === null || ! hash_equals(self::mark('confirm', $id, "$row->address $row->asked_at"), $mark)) {
            return null;
        }
        if ($row->confirmed_at === null) {
            DB::table('news_addresses')->where('id', $id)->update(['confirmed_at' => now()->toIso8601ZuluString()]);
            $this->send($row->address, 'news.welcome', 'news.welcome-letter', ['leave' => self::address($id, 'leave', $row->address)]);
        }

        return $row->address;
    }

    /** @return string|null the address; null when the link is none of ours, or has done its work */
    public function leave(int $id, string $mark): ?string
    {
        $row = $this->read($id);
        if ($row === null || ! hash_equals(self::mark('leave', $id, $row->address), $mark)) {
            return null;
        }
        DB::table('news_addresses')->where('id', $id)->delete();
        Outbox::forget($row->address);

        return $row->address;
    }

    public static function takeOut(int $id): bool
    {
        return DB::table('news_addresses')->where('id', $id)->delete() > 0;
    }

    /** As it was before it was taken out. */
    public static function putBack(string $address, string $asked, ?string $confirmed): void
    {
        DB::table('news_addresses')->insertOrIgnore(['address' => mb_strtolower($address), 'asked_at' => $asked, 'confirmed_at' => $confirmed]);
    }

    /** @return iterable<string, string> by address: when it was confirmed */
    public static function confirmed(): iterable
    {
        foreach (DB::table('news_addresses')->whereNotNull('confirmed_at')->orderBy('id')->cursor() as $row) {
            yield (string) $row->address => (string) $row->confirmed_at;
        }
    }

    /** @return array{rows: list<array{id: int, address: string, askedAt: string, confirmedAt: string|null}>, total: int} the latest first */
    public static function page(string $query, int $page, int $size): array
    {
        $found = DB::table('news_addresses')->when($query !== '', static fn ($rows) => $rows->whereRaw('instr(address, ?) > 0', [mb_strtolower($query)]));

        return [
            'total' => $found->count(),
            'rows' => array_values($found->orderByDesc('id')->forPage($page, $size)->get()->map(static fn (object $row): array => [
                'id' => (int) ($row->id ?? 0),
                'address' => (string) ($row->address ?? ''),
                'askedAt' => (string) ($row->asked_at ?? ''),
                'confirmedAt' => isset($row->confirmed_at) ? (string) $row->confirmed_at : null,
            ])->all()),
        ];
    }

    /** @param  array<string, string>  $values */
    private function send(string $to, string $subject, string $words, array $values): void
    {
        $values += ['shop' => config()->string('vestibra.shop')];
        Outbox::send($to, $this->messages->live()->say($subject, $values), $this->messages->live()->say($words, $values));
    }

    private function read(int $id): ?stdClass
    {
        $row = DB::table('news_addresses')->where('id', $id)->first();

        return $row instanceof stdClass ? $row : null;
    }

    private function forgetOld(): void
    {
        DB::table('news_addresses')->whereNull('confirmed_at')->where('asked_at', '<', now()->subDays(self::DAYS)->toIso8601ZuluString())->delete();
    }

    /** Under the shop's own address: whoever asks may say any name of a server. */
    private static function address(int $id, string $what, string $of): string
    {
        return rtrim(config()->string('app.url'), '/')."/news/$id/".self::mark($what, $id, $of)."/$what";
    }

    /** Nobody can write one without the shop's key. */
    private static function mark(string $what, int $id, string $of): string
    {
        return substr(hash_hmac('sha256', "$what $id $of", config()->string('app.key')), 0, 40);
    }
}
