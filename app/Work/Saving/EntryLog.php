<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The catalogue's history, the newest first: who, when, what from, what to.
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

    /** Lines that are shown of one entry. */
    private const LINES = 30;

    public function __construct(private EntryWords $words)
    {
    }

    /** @return array{entries: list<Row>, more: bool, total: int} of one thing, or of all */
    public function page(?Thing $thing, int $id, int $page): array
    {
        $found = DB::table('catalogue_entries as e');
        if ($thing === null) {
            $found->whereNull('e.part_of_id');
        } else {
            $found->whereIn('e.id', static fn ($query) => $query->select('entry_id')->from(
                'catalogue_entry_things',
            )->where('thing', $thing->value)->where('thing_id', $id));
        }
        $total = $found->count();
        $rows = $found->join('users', 'users.id', '=', 'e.user_id')
            ->orderByDesc('e.id')
            ->offset(($page - 1) * self::PAGE)
            ->limit(self::PAGE)
            ->selectRaw(
                'e.id, e.part_of_id, e.at, e.words, e.moves, e.takes_back_id, users.name as by_name, (select 1 from '
                    .'catalogue_entries b where b.takes_back_id = coalesce(e.part_of_id, e.id)) as taken_back,'
                    .'(select json_group_array(json(c.value)) from (select value from json_each(e.changes) limit '
                    .(self::LINES + 1)
                    .') c) as first_changes,'
                    .'(select count(*) from catalogue_entry_things t where t.entry_id in (select p.id from '
                    .'catalogue_entries p where p.id = e.id or p.part_of_id = e.id)) as changed',
            )->get();
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
}
