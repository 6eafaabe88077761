<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\News;

use Illuminate\Support\Facades\DB;

/**
 * Stands in for a mail service: what would be sent lies here, can be read in the Studio, and goes nowhere. The oldest
 * make room.
 *
 * @shape Letter array{id: int, recipient: string, subject: string, words: string, sentAt: string}
 */
final class Outbox
{
    private const MOST = 2000;

    public static function send(string $to, string $subject, string $words): void
    {
        $id = DB::table('outbox')->insertGetId(
            ['recipient' => $to, 'subject' => $subject, 'words' => $words, 'sent_at' => now()->toIso8601ZuluString()],
        );
        DB::table('outbox')->where('id', '<=', $id - self::MOST)->delete();
    }

    /** Letters to somebody who has left. */
    public static function forget(string $to): void
    {
        DB::table('outbox')->where('recipient', $to)->delete();
    }

    /**
     * @return array{rows: list<array{id: int, recipient: string, subject: string, words: string, sentAt: string}>,
     *     total: int} the latest first
     */
    public static function page(string $query, int $page, int $size): array
    {
        $found = DB::table('outbox')->when($query !== '', static fn ($rows) => $rows->where(
            static fn ($some) => $some->whereRaw('instr(lower(recipient), ?) > 0', [mb_strtolower($query)])->orWhereRaw(
                'instr(lower(subject), ?) > 0',
                [mb_strtolower($query)],
            ),
        ));

        return [
            'total' => $found->count(),
            'rows' => array_values($found->orderByDesc('id')->forPage($page, $size)->get()->map(
                static fn (object $row): array => [
                    'id' => (int) ($row->id ?? 0),
                    'recipient' => (string) ($row->recipient ?? ''),
                    'subject' => (string) ($row->subject ?? ''),
                    'words' => (string) ($row->words ?? ''),
                    'sentAt' => (string) ($row->sent_at ?? ''),
                ],
            )->all()),
        ];
    }
}
