<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * One row of a file, where it begins, and what is the matter with it as a row.
 *
 * @api
 */
final readonly class TableRow
{
    /**
     * @param  int  $line  of the file, from 1
     * @param  list<string>  $cells
     */
    public function __construct(
        public int $line,
        public array $cells,
        public ?TableProblem $problem = null,
    ) {
    }
}
