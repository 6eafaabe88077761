<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Work\Saving\Moves;

/**
 * What reading a folder changed, or would.
 *
 * @phpstan-import-type Summary from Moves
 *
 * @phpstan-type Did array{file: string, did: 'made'|'changed'|'deleted', what: list<string>}
 */
final readonly class Outcome
{
    /**
     * @param  int  $entry  the number of the piece of the history that takes it back; 0 where nothing changed
     * @param  array{made: int, changed: int, deleted: int}  $counts  things, each variant and value among them
     * @param  list<Did>  $files  the first thousand
     * @param  Summary  $moves
     * @param  int  $staying  things of the shop that have no file
     * @param  bool  $ours  the folder is this shop's own
     */
    public function __construct(
        public int $entry,
        public array $counts,
        public array $files,
        public array $moves,
        public int $staying,
        public bool $ours = false,
    ) {
    }
}
