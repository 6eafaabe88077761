<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * What stands in a cell that a spreadsheet would calculate: `=1+1`, `@SUM(A1)`, `-cmd`. It is defused on the way out
 * and is itself again on the way in.
 *
 * @api
 */
final class Cells
{
    private const CALCULATED = '/^\'*[=+\-@\t\r]/';

    private const NUMBER = '/^[+-]?\d+(?:[.,]\d+)*$/D';

    public static function defused(string $cell): string
    {
        return self::isCalculated($cell) ? "'$cell" : $cell;
    }

    public static function read(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::CALCULATED, $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function isCalculated(string $cell): bool
    {
        return preg_match(self::CALCULATED, $cell) === 1 && preg_match(self::NUMBER, $cell) !== 1;
    }
}
