<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\Core\Problem;

/** What is the matter with a row of a file, where, and what was probably meant. */
final readonly class RowProblem
{
    /**
     * @param  int  $line  of the file, from 1; 0: of the file as a whole
     * @param  string  $column  as the file calls it; empty: of the row as a whole
     * @param  string  $written  in the cell
     */
    public function __construct(
        public int $line,
        public string $column,
        public string $written,
        public Problem $problem,
        public ?string $meant = null,
    ) {
    }
}
