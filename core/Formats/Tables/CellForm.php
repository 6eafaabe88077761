<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * How the cells of a column write what can be written in several ways.
 *
 * @api
 */
interface CellForm
{
    /** As it is written everywhere; what is not of this form stays as it is. */
    public function plain(string $written): string;
}
