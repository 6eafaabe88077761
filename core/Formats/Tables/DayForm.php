<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

use DateInterval;
use DateTimeImmutable;

/**
 * How a column writes its days: `31.12.2026` or `12/31/2026`. A cell alone may be read in two ways, a whole column
 * seldom: one with a thirteenth day tells of all others. Days between points have the day first everywhere (common
 * practice, no source).
 *
 * @api
 */
enum DayForm: string implements CellForm
{
    case DayFirst = 'day';
    case MonthFirst = 'month';

    /** Nothing in it can be read in two ways. */
    case Plain = 'plain';

    /** Cells contradict each other, or nothing tells. */
    case Unknown = 'unknown';

    private const WRITTEN = '~^(\d{1,2})([./-])(\d{1,2})\2(\d{4})(?:[ T](\d{1,2}:\d\d(?::\d\d)?))?$~D';

    private const YEAR_FIRST = '~^(\d{4})([./-])(\d{1,2})\2(\d{1,2})(?:[ T](\d{1,2}:\d\d(?::\d\d)?))?$~D';

    /** Where spreadsheets begin to count days, so that 1 March 1900 is the 61st (ECMA-376-1, 18.17.4.1). */
    private const FIRST = '1899-12-30';

    /** The numbers of days that somebody means today: 1954 to 2118. */
    private const NUMBER = '~^([2-7]\d{4})(?:[.,]\d+)?$~D';

    /** As `2026-12-31` or `2026-12-31 08:00`. */
    public function plain(string $written): string
    {
        if (preg_match(self::YEAR_FIRST, $written, $part) === 1) {
            return self::day((int) $part[1], (int) $part[3], (int) $part[4], $part[5] ?? '');
        }
        if (preg_match(self::WRITTEN, $written, $part) !== 1) {
            return $written;
        }
        [$first, $second, $year] = [(int) $part[1], (int) $part[3], (int) $part[4]];

        return match (true) {
            $this === self::MonthFirst => self::day($year, $first, $second, $part[5] ?? ''),
            $this === self::DayFirst, $first === $second => self::day($year, $second, $first, $part[5] ?? ''),
            default => $written,
        };
    }

    /** @return self|null what one day tells; null where it may be read in two ways, or in one whatever the form */
    public static function told(string $written): ?self
    {
        return preg_match(self::WRITTEN, $written, $part) !== 1 ? null : match (true) {
            $part[2] === '.', (int) $part[1] > 12 => self::DayFirst,
            (int) $part[3] > 12 => self::MonthFirst,
            default => null,
        };
    }

    /** Whether it is one day with the day first, and another with the month first. */
    public static function isOpen(string $written): bool
    {
        return self::told($written) === null
            && preg_match(self::WRITTEN, $written, $part) === 1
            && (int) $part[1] !== (int) $part[3];
    }

    /** @return string|null the day of a spreadsheet’s number of it, which stands where the file lost its form */
    public static function meant(string $written): ?string
    {
        return preg_match(self::NUMBER, $written, $part) === 1
            ? (new DateTimeImmutable(self::FIRST))->add(new DateInterval("P$part[1]D"))->format('Y-m-d')
            : null;
    }

    private static function day(int $year, int $month, int $day, string $time): string
    {
        $hours = str_pad($time, strlen($time) > 5 ? 8 : 5, '0', STR_PAD_LEFT);
        // Spreadsheets write midnight behind a day that has no time.
        $isDay = $time === '' || preg_match('~^00:00(?::00)?$~D', $hours) === 1;

        return sprintf('%04d-%02d-%02d', $year, $month, $day).($isDay ? '' : " $hours");
    }
}
