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
     */
    public function __construct(
        public int $id,
        public Entry $entry,
        public array $numbers,
        public array $moves,
        public string $words,
    ) {
    }
}
