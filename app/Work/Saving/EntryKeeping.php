<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\Catalogue\EntryThing;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;

/**
 * Writes a piece of the history, as it was made.
 *
 * @phpstan-import-type Summary from Moves
 */
final class EntryKeeping
{
    private const AT_ONCE = 300;

    /**
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
