<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * Rows of cells as RFC 4180 has them. What a spreadsheet would take for a formula has an apostrophe before it (OWASP,
 * "CSV Injection"), which `Cells::read()` takes off again; numbers are left alone.
 *
 * @api
 */
final class TableWriter
{
    /** So that spreadsheets take it for UTF-8. */
    public const MARK = "\u{FEFF}";

    /** @param  list<string>  $cells */
    public static function row(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    private static function cell(string $cell): string
    {
        $safe = Cells::defused($cell);

        return preg_match('/[",\r\n\t;]|^\s|\s$/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}
