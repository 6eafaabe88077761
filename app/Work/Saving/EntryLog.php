<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\Catalogue\EntryThing;
use Vestibra\App\Work\Saving\Sql\EntryRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The catalogue's history, the newest first: who, when, what from, what to.
 *
 * @phpstan-import-type Summary from Moves
 *
 * @phpstan-type Line array{name: string, field: string, from: string, to: string}
 * @phpstan-type Row array{id: int, at: string, by: string, words: string, lines: list<Line>, more: int, moved: int,
 *     takesBack: int|null, takenBack: bool}
 *
 * @shape EntryLine Line
 * @shape EntryRow Row
 * @shape EntryPage array{entries: list<EntryRow>, more: bool, total: int}
 */
final readonly class EntryLog
{
    public const PAGE = 20;

    /** Rows that are written in one go. */
    private const AT_ONCE = 300;

    /** Lines that are shown of one entry. */
    private const LINES = 30;

    public function __construct(private EntryWords $words)
    {
    }

    /** @return array{entries: list<Row>, more: bool, total: int} of one thing, or of all */
    public function page(?Thing $thing, int $id, int $page): array
    {
        $found = CatalogueEntry::query()->toBase()->from('catalogue_entries as e');
        if ($thing === null) {
            $found->whereNull('e.part_of_id');
        } else {
            $found->whereIn('e.id', static fn ($query) => $query->select('entry_id')->from(
                'catalogue_entry_things',
            )->where('thing', $thing->value)->where('thing_id', $id));
        }
        $total = $found->count();
        $ids = $found->orderByDesc('e.id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE)->pluck('e.id')->all();
        $rows = EntryRows::of(array_values(array_map(intval(...), $ids)), self::LINES + 1);
        $entries = [];
        foreach ($rows as $row) {
            $entry = Entry::stored((array) json_decode($row->first_changes, true));
            $lines = $this->words->lines($entry, self::LINES + 1);
            $moves = json_decode($row->moves, true);
            $entries[] = [
                'id' => (int) ($row->part_of_id ?? $row->id),
                'at' => str_replace(' ', 'T', $row->at).'Z',
                'by' => (string) $row->by_name,
                'words' => (string) $row->words,
                'lines' => array_slice($lines, 0, self::LINES),
                'more' => max(0, (int) $row->changed - self::LINES),
                'moved' => Moves::stored(is_array($moves) ? $moves['moves'] ?? null : null)['moved'],
                'takesBack' => $row->takes_back_id === null ? null : (int) $row->takes_back_id,
                'takenBack' => $row->taken_back !== null,
            ];
        }

        return ['entries' => $entries, 'more' => $total > $page * self::PAGE, 'total' => $total];
    }

    /**
     * Writes a piece of the history, as it was made.
     *
     * @param  array<string, mixed>  $more  columns that not every entry has
     * @param  Summary  $moves
     * @param  array<string, int>  $numbers  of what is new in it
     */
    public static function keep(
        Entry $entry,
        int $user,
        string $words,
        array $moves,
        array $numbers = [],
        array $more = [],
    ): int {
        $id = (int) CatalogueEntry::query()->toBase()->insertGetId([
            'user_id' => $user,
            'at' => now('UTC')->toDateTimeString(),
            'words' => $words,
            'format' => Entry::FORMAT,
            'changes' => json_encode(
                $entry->toArray(),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ),
            'moves' => self::moves($moves, $numbers),
        ] + $more);
        $rows = array_map(
            static fn (Change $change): array =>
                ['entry_id' => $id, 'thing' => $change->thing->value, 'thing_id' => $change->id],
            $entry->changes,
        );
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            EntryThing::query()->toBase()->insert($some);
        }

        return $id;
    }

    /**
     * @param  Summary  $moves
     * @param  array<string, int>  $numbers
     */
    public static function moves(array $moves, array $numbers = []): string
    {
        return json_encode(
            ['moves' => $moves, 'numbers' => (object) $numbers],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }
}
