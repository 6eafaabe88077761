<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\Core\Catalogue\Changing\Entry;

/**
 * An entry as it was made, or would be.
 *
 * @phpstan-import-type Summary from Moves
 */
final readonly class Saved
{
    /**
     * @param  int  $id  0 while it is only foreseen
     * @param  array<string, int>  $numbers  `tag/-1` => the number of the new thing
     * @param  Summary  $moves
     * @param  list<string>  $left  what was left as it is, because somebody has changed it since; at most so many are
     *     named
     * @param  int  $leftCount  all of it
     */
    public function __construct(
        public int $id,
        public Entry $entry,
        public array $numbers,
        public array $moves,
        public string $words,
        public array $left = [],
        public int $leftCount = 0,
    ) {
    }
}
