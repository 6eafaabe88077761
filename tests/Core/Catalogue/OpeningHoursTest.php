<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\OpeningHours;
use Vestibra\Core\Catalogue\ShopZone;

/** When a shop is open, by its own clock. */
final class OpeningHoursTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{int, int}>|null}> */
    public static function written(): iterable
    {
        yield 'closed' => ['', []];
        yield 'spaces' => [' , ', []];
        yield 'whole hours' => ['9-18', [[540, 1080]]];
        yield 'with minutes' => ['9:30–18.15', [[570, 1095]]];
        yield 'a break at noon' => ['14–18, 9–12:30', [[540, 750], [840, 1080]]];
        yield 'beyond midnight' => ['18–2', [[1080, 1560]]];
        yield 'to midnight' => ['8—24', [[480, 1440]]];
        yield 'one right after the other' => ['9–12, 12–18', [[540, 720], [720, 1080]]];
        yield 'one in the other' => ['9–12, 11–18', null];
        yield 'no end' => ['9', null];
        yield 'no length' => ['9–9', null];
        yield 'later than a day has' => ['9–25', null];
        yield 'from midnight at the end' => ['24–26', null];
        yield 'the last minutes of an hour' => ['9:59–10:59', [[599, 659]]];
        yield 'minutes that are none' => ['9:60–10', null];
        yield 'the end minutes of no hour' => ['9–10:60', null];
        yield 'end minutes that are none' => ['9–10:75', null];
        yield 'words' => ['from nine', null];
    }

    /** @param  list<array{int, int}>|null  $spans */
    #[DataProvider('written')]
    public function test_how_hours_are_written(string $written, ?array $spans): void
    {
        self::assertSame($spans, OpeningHours::spans($written));
    }

    public function test_how_days_are_written(): void
    {
        self::assertSame([], OpeningHours::days(''));
        self::assertSame(['2026-12-25', '2028-02-29'], OpeningHours::days("2026-12-25\r\n 2028-02-29 \n"));
        self::assertNull(OpeningHours::days('2027-02-29'));
        self::assertNull(OpeningHours::days("2026-12-25\nChristmas"));
    }

    /** @return iterable<string, array{string, bool, string|null}> */
    public static function instants(): iterable
    {
        // The 24th of November 2026 is a Tuesday; the shop's clock is that of Berlin, one hour ahead of UTC in winter.
        yield 'before it opens' => ['2026-11-24T07:59:59Z', false, '2026-11-24T08:00:00Z'];
        yield 'as it opens' => ['2026-11-24T08:00:00Z', true, '2026-11-24T11:30:00Z'];
        yield 'at noon' => ['2026-11-24T11:30:00Z', false, '2026-11-24T13:00:00Z'];
        yield 'as it closes' => ['2026-11-24T17:00:00Z', false, '2026-11-25T08:00:00Z'];
        yield 'on a day on which it is closed' => ['2026-12-25T10:00:00Z', false, '2026-12-25T22:00:00Z'];
        yield 'beyond midnight' => ['2026-11-28T00:30:00Z', true, '2026-11-28T01:00:00Z'];
        yield 'beyond midnight of a day on which it is closed' =>
            ['2026-12-26T00:30:00Z', true, '2026-12-26T01:00:00Z'];
        yield 'on Sunday' => ['2026-11-29T12:00:00Z', false, '2026-11-30T08:00:00Z'];
        yield 'in summer' => ['2026-07-06T07:00:00Z', true, '2026-07-06T16:00:00Z'];
        yield 'on the day on which clocks go back' => ['2026-10-25T11:00:00Z', false, '2026-10-26T08:00:00Z'];
    }

    #[DataProvider('instants')]
    public function test_whether_it_is_open_and_until_when(string $now, bool $open, ?string $until): void
    {
        $day = [[540, 1080]];
        $hours = new OpeningHours(
            [$day, [[540, 750], [840, 1080]], $day, $day, [[1380, 1560]], [], []],
            ['2026-12-24', '2026-12-26'],
        );
        $found = $hours->at(new DateTimeImmutable($now), ShopZone::of('Europe/Berlin'));

        self::assertSame([$open, $until], [$found['open'], $found['until']?->format('Y-m-d\TH:i:s\Z')]);
    }

    public function test_spans_that_meet_are_one_and_a_shop_without_hours_never_opens(): void
    {
        $zone = ShopZone::of('UTC');
        $noon = new DateTimeImmutable('2026-11-24T10:00:00Z');
        $meeting = new OpeningHours([[], [[540, 720], [720, 1080]], [], [], [], [], []]);
        self::assertSame('2026-11-24T18:00:00Z', $meeting->at($noon, $zone)['until']?->format('Y-m-d\TH:i:s\Z'));
        self::assertSame(
            ['open' => false, 'until' => null],
            (new OpeningHours(array_fill(0, 7, [])))->at($noon, $zone),
        );
    }

    public function test_days_with_the_same_hours_stand_together_while_they_follow_each_other(): void
    {
        $day = [[540, 1080]];
        self::assertSame(
            [[0, 1, $day], [2, 2, []], [3, 4, $day], [5, 6, []]],
            (new OpeningHours([$day, $day, [], $day, $day, [], []]))->groups(),
        );
    }
}
