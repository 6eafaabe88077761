<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\News;

use Vestibra\App\Ground\Sql\Containing;
use Vestibra\App\Records\Models\Shop\Letter;

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
        $id = Letter::query()->toBase()->insertGetId(
            ['recipient' => $to, 'subject' => $subject, 'words' => $words, 'sent_at' => now()->toIso8601ZuluString()],
        );
        Letter::query()->toBase()->where('id', '<=', $id - self::MOST)->delete();
    }

    /** Letters to somebody who has left. */
    public static function forget(string $to): void
    {
        Letter::query()->toBase()->where('recipient', $to)->delete();
    }

    /**
     * @return array{rows: list<array{id: int, recipient: string, subject: string, words: string, sentAt: string}>,
     *     total: int} the latest first
     */
    public static function page(string $query, int $page, int $size): array
    {
        $found = Letter::query()->toBase();
        $query === '' || Containing::text($found, $query, 'recipient', 'subject');

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
