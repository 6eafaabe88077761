<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Whole;

use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Formats\Shop\FolderProblem;

/**
 * What a file is that holds more than rows, and what reading it changed, or would.
 *
 * @phpstan-import-type Summary from Moves
 */
final readonly class WholeOutcome
{
    /**
     * @param  'folder'|'linked'|'template'|'style'  $kind
     * @param  string  $called  what is in it is called; empty for a whole shop
     * @param  Outcome|null  $catalogue  what it does to the catalogue
     * @param  list<FolderProblem>  $problems  none: it can be read
     * @param  int  $made  the number of the template, or of the house style, that it became; 0: none yet
     */
    public function __construct(
        public string $kind,
        public string $called = '',
        public ?Outcome $catalogue = null,
        public array $problems = [],
        public int $made = 0,
    ) {
    }
}
