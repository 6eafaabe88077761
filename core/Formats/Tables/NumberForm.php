<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * How a column writes its numbers: `1.234,56` or `1,234.56`. A cell alone may be read in two ways, a whole column
 * seldom: one in which three digits do not follow the sign, or in which both signs stand, tells of all others.
 *
 * @api
 */
enum NumberForm: string implements CellForm
{
    case Comma = 'comma';
    case Point = 'point';

    /** Nothing in it can be read in two ways. */
    case Plain = 'plain';

    /** Cells contradict each other, or nothing tells. */
    case Unknown = 'unknown';

    /** As a number is written everywhere: the digits, and a point before decimals. */
    public function plain(string $written): string
    {
        return match ($this) {
            self::Comma => str_replace(['.', ','], ['', '.'], $written),
            self::Point => str_replace(',', '', $written),
            default => $written,
        };
    }

    /**
     * @param  string  $bare  its digits and signs alone
     * @return self|null what one number tells; null where it may be read in two ways, or in one whatever the form
     */
    public static function told(string $bare): ?self
    {
        $comma = strrpos($bare, ',');
        $point = strrpos($bare, '.');

        return match (true) {
            $comma === false && $point === false => null,
            $comma !== false && $point !== false => $comma > $point ? self::Comma : self::Point,
            substr_count($bare, ',') > 1 => self::Point,
            substr_count($bare, '.') > 1 => self::Comma,
            strlen($bare) - max((int) $comma, (int) $point) - 1 !== 3, str_starts_with($bare, '0') =>
                $comma !== false ? self::Comma : self::Point,
            default => null,
        };
    }
}
