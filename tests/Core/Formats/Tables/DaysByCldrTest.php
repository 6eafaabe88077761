<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Tables;

use DateTimeImmutable;
use DateTimeZone;
use IntlDateFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\DayTally;
use Vestibra\Tests\Core\Chance;

/**
 * Whole columns of days as the Unicode Common Locale Data Repository (CLDR, by ICU’s formats of dates) has them written
 * in many places, with all digits of the year, are read as they were meant.
 */
final class DaysByCldrTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function places(): iterable
    {
        foreach ([
            'en_GB', 'en_US', 'de_DE', 'fr_FR', 'es_ES', 'es_PA', 'it_IT', 'pl_PL', 'sv_SE', 'de_CH', 'pt_BR', 'en_ZA',
            'fi_FI', 'ja_JP', 'nl_NL', 'lt_LT',
        ] as $place) {
            yield $place => [$place];
        }
    }

    #[DataProvider('places')]
    public function test_a_column_tells_how_it_is_written_and_every_day_is_read(string $place): void
    {
        $zone = new DateTimeZone('UTC');
        $format = new IntlDateFormatter($place, IntlDateFormatter::SHORT, IntlDateFormatter::NONE, $zone);
        $format->setPattern((string) preg_replace('/y+/', 'yyyy', (string) $format->getPattern()));
        $chance = new Chance(crc32($place));
        $column = [];
        $tally = new DayTally;
        for ($nth = 0; $nth < 60; $nth++) {
            $day = (new DateTimeImmutable('2015-01-01', $zone))->modify('+'.$chance->number(0, 9_000).' days');
            $tally->add($column[$day->format('Y-m-d')] = (string) $format->format($day));
        }
        foreach ($column as $day => $written) {
            self::assertSame($day, $tally->form()->plain($written), "“{$written}” in $place");
        }
    }

    /** @return iterable<string, array{list<string>, DayForm}> */
    public static function columns(): iterable
    {
        yield 'the thirteenth comes first' => [['1/2/2026', '13/2/2026'], DayForm::DayFirst];
        yield 'the thirteenth comes second' => [['1/2/2026', '2/13/2026'], DayForm::MonthFirst];
        yield 'between points' => [['1.2.2026'], DayForm::DayFirst];
        yield 'either way the same day' => [['1/1/2026', '12-12-2026'], DayForm::Plain];
        yield 'either way another day' => [['1/2/2026'], DayForm::Unknown];
        yield 'one against the other' => [['13/1/2026', '1/13/2026'], DayForm::Unknown];
        yield 'the year first' => [['2026-02-01', '2026/2/1'], DayForm::Plain];
        yield 'words' => [['', 'soon', '46000'], DayForm::Plain];
    }

    /** @param  list<string>  $cells */
    #[DataProvider('columns')]
    public function test_a_column_tells_how_it_writes_days(array $cells, DayForm $form): void
    {
        $tally = new DayTally;
        array_map($tally->add(...), $cells);
        self::assertSame($form, $tally->form());
    }

    public function test_times_stay_and_midnight_is_no_time(): void
    {
        self::assertSame('2026-02-01 08:05', DayForm::DayFirst->plain('1/2/2026 8:05'));
        self::assertSame('2026-02-01 18:05:09', DayForm::MonthFirst->plain('2/1/2026 18:05:09'));
        self::assertSame('2026-02-01 08:05:09', DayForm::DayFirst->plain('1/2/2026 8:05:09'));
        self::assertSame('2026-02-01', DayForm::DayFirst->plain('01.02.2026 0:00'));
        self::assertSame('2026-02-02', DayForm::Unknown->plain('2/2/2026'));
        self::assertSame('2026-02-01', DayForm::Plain->plain('2026/2/1 00:00:00'));
        self::assertSame('1/2/2026', DayForm::Unknown->plain('1/2/2026'));
        self::assertSame('1/2-2026', DayForm::DayFirst->plain('1/2-2026'));
        self::assertSame('1/2/26', DayForm::DayFirst->plain('1/2/26'), 'Of which hundred years it is, nothing tells.');
    }

    public function test_numbers_of_days_are_those_of_spreadsheets(): void
    {
        // ECMA-376-1 (2016), 18.17.4.1: “the serial value 39448 represents the date 2008-01-01” (from memory).
        self::assertSame('2008-01-01', DayForm::meant('39448'));
        self::assertSame('2026-12-01', DayForm::meant('46357.5'));
        self::assertNull(DayForm::meant('2026'));
        self::assertNull(DayForm::meant('146357'));
        self::assertNull(DayForm::meant('soon'));
    }
}
