<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\News;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\RateLimiter;
use stdClass;
use Vestibra\App\Ground\Sql\Containing;
use Vestibra\App\Records\Models\Shop\Subscriber;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Records\Settings\ShopMessages;

/**
 * Who wants letters from the shop. An address counts once its owner has followed the link that was sent to it; until
 * then it is kept for a few days.
 *
 * @shape Subscriber array{id: int, address: string, askedAt: string, confirmedAt: string|null}
 */
final readonly class Subscribers
{
    /** How long a link to confirm counts. */
    private const DAYS = 7;

    /** How long what was taken out can be put back. */
    private const HOURS = 1;

    /** Letters that ask for confirmation, to one address, whoever asks for them. */
    private const MOST_AN_HOUR = 2;

    public function __construct(private ShopMessages $messages)
    {
    }

    /** Whoever is on the list already is sent nothing, and nobody learns of it. */
    public function ask(string $address): void
    {
        self::forgetOld();
        $address = mb_strtolower($address);
        $row = Subscriber::query()->toBase()->where('address', $address)->whereNull('taken_out_at')->first();
        if (($row !== null && $row->confirmed_at !== null) || ! RateLimiter::attempt(
            'news-to:'.hash('sha256', $address),
            self::MOST_AN_HOUR,
            static fn (): bool => true,
            3600,
        )) {
            return;
        }
        $asked = ['asked_at' => now()->toIso8601ZuluString(), 'confirmed_at' => null, 'taken_out_at' => null];
        Subscriber::query()->toBase()->upsert([['address' => $address] + $asked], ['address'], array_keys($asked));
        $id = (int) Subscriber::query()->toBase()->where('address', $address)->value('id');
        $this->send($address, 'news.subject', 'news.letter', [
            'confirm' => self::address($id, 'confirm', "$address {$asked['asked_at']}"),
        ]);
    }

    /** @return string|null whose link it is; null when it counts no more. Nothing is written. */
    public static function asks(string $what, int $id, string $mark): ?string
    {
        return self::meant($what, $id, $mark)?->address;
    }

    /** @return string|null the address; null when the link counts no more */
    public function confirm(int $id, string $mark): ?string
    {
        self::forgetOld();
        $row = self::meant('confirm', $id, $mark);
        if ($row === null) {
            return null;
        }
        if ($row->confirmed_at === null) {
            Subscriber::query()->toBase()->where('id', $id)->update(['confirmed_at' => now()->toIso8601ZuluString()]);
            $this->send($row->address, 'news.welcome', 'news.welcome-letter', [
                'leave' => self::address($id, 'leave', $row->address),
            ]);
        }

        return $row->address;
    }

    /** @return string|null the address; null when the link is none of ours, or has done its work */
    public function leave(int $id, string $mark): ?string
    {
        $row = self::meant('leave', $id, $mark);
        if ($row === null) {
            return null;
        }
        Subscriber::query()->toBase()->where('id', $id)->delete();
        Outbox::forget($row->address);

        return $row->address;
    }

    public static function takeOut(int $id): bool
    {
        self::forgetOld();

        return Subscriber::query()->toBase()->where('id', $id)->whereNull('taken_out_at')->update(
            ['taken_out_at' => now()->toIso8601ZuluString()],
        ) > 0;
    }

    /** As it was before it was taken out: what was not confirmed is not. */
    public static function putBack(int $id): ?string
    {
        self::forgetOld();
        Subscriber::query()->toBase()->where('id', $id)->update(['taken_out_at' => null]);

        return self::read($id)?->address;
    }

    /** @return iterable<string, string> by address: when it was confirmed */
    public static function confirmed(): iterable
    {
        foreach (Subscriber::query()->toBase()->whereNotNull('confirmed_at')
            ->whereNull('taken_out_at')
            ->orderBy('id')
            ->cursor() as $row) {
            yield (string) $row->address => (string) $row->confirmed_at;
        }
    }

    /**
     * @return array{rows: list<array{id: int, address: string, askedAt: string, confirmedAt: string|null}>, total: int}
     *     the latest first
     */
    public static function page(string $query, int $page, int $size): array
    {
        $found = Subscriber::query()->toBase()->whereNull('taken_out_at')->when(
            $query !== '',
            static fn (Builder $rows) => Containing::text($rows, $query, 'address'),
        );

        return [
            'total' => $found->count(),
            'rows' => array_values($found->orderByDesc('id')->forPage($page, $size)->get()->map(
                static fn (object $row): array => [
                    'id' => (int) ($row->id ?? 0),
                    'address' => (string) ($row->address ?? ''),
                    'askedAt' => (string) ($row->asked_at ?? ''),
                    'confirmedAt' => isset($row->confirmed_at) ? (string) $row->confirmed_at : null,
                ],
            )->all()),
        ];
    }

    /** @param  array<string, string>  $values */
    private function send(string $to, string $subject, string $words, array $values): void
    {
        $values += ['shop' => config()->string('vestibra.shop')];
        Outbox::send(
            $to,
            $this->messages->live()->say($subject, $values),
            $this->messages->live()->say($words, $values),
        );
    }

    /** The address that a link is for, while it counts. */
    private static function meant(string $what, int $id, string $mark): ?stdClass
    {
        $row = self::read($id);
        $of = match (true) {
            $row === null,
            $what === 'confirm' && $row->confirmed_at === null && $row->asked_at < self::oldest() => null,
            $what === 'confirm' => "$row->address $row->asked_at",
            default => $row->address,
        };

        return $of !== null && hash_equals(self::mark($what, $id, $of), $mark) ? $row : null;
    }

    private static function read(int $id): ?stdClass
    {
        $row = Subscriber::query()->toBase()->where('id', $id)->whereNull('taken_out_at')->first();

        return $row instanceof stdClass ? $row : null;
    }

    private static function oldest(): string
    {
        return now()->subDays(self::DAYS)->toIso8601ZuluString();
    }

    private static function forgetOld(): void
    {
        Subscriber::query()->toBase()->whereNull('confirmed_at')->where('asked_at', '<', self::oldest())->delete();
        Subscriber::query()->toBase()
            ->where('taken_out_at', '<', now()->subHours(self::HOURS)->toIso8601ZuluString())
            ->delete();
    }

    /** Under the shop's own address: whoever asks may say any name of a server. */
    private static function address(int $id, string $what, string $of): string
    {
        return ShopAddress::of("/news/$id/".self::mark($what, $id, $of)."/$what");
    }

    /** Nobody can write one without the shop's key. */
    private static function mark(string $what, int $id, string $of): string
    {
        return substr(hash_hmac('sha256', "$what $id $of", config()->string('app.key')), 0, 40);
    }
}
