<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;

/** Wall times and instants, written as RFC 3339. The clock changes of 2026 are those of the tz database. */
final class ShopZoneTest extends TestCase
{
    /** @return iterable<string, array{string, string, string|null}> */
    public static function wallTimes(): iterable
    {
        yield 'in winter' => ['Europe/London', '2026-12-01 00:00', '2026-12-01T00:00:00Z'];
        yield 'in summer' => ['Europe/London', '2026-07-01 09:30', '2026-07-01T08:30:00Z'];
        yield 'a bare date' => ['Europe/London', '2026-07-01', '2026-06-30T23:00:00Z'];
        yield 'that does not exist: the first instant after' =>
            ['Europe/London', '2026-03-29 01:30', '2026-03-29T01:00:00Z'];
        yield 'just before it does not exist' => ['Europe/London', '2026-03-29 00:59:59', '2026-03-29T00:59:59Z'];
        yield 'just after' => ['Europe/London', '2026-03-29 02:00', '2026-03-29T01:00:00Z'];
        yield 'that exists twice: the earlier' => ['Europe/London', '2026-10-25 01:30', '2026-10-25T00:30:00Z'];
        yield 'once more after it existed twice' => ['Europe/London', '2026-10-25 02:00', '2026-10-25T02:00:00Z'];
        yield 'midnight that does not exist' => ['America/Santiago', '2026-09-06', '2026-09-06T04:00:00Z'];
        yield 'with its own offset' => ['Europe/London', '2026-07-01T09:30:00+02:00', '2026-07-01T07:30:00Z'];
        yield 'in UTC' => ['Europe/London', '2026-07-01T09:30:00Z', '2026-07-01T09:30:00Z'];
        yield 'no such day' => ['Europe/London', '2026-02-29', null];
        yield 'no such hour' => ['Europe/London', '2026-02-01 24:00', null];
        yield 'no date' => ['Europe/London', 'Friday', null];
    }

    #[DataProvider('wallTimes')]
    public function test_the_instant_of_a_wall_time(string $zone, string $wall, ?string $instant): void
    {
        self::assertSame($instant, ShopZone::of($zone)->instant($wall)?->format('Y-m-d\TH:i:s\Z'));
    }

    public function test_a_typed_end_date_means_the_end_of_that_day(): void
    {
        self::assertSame(
            '2026-12-31T23:00:00Z',
            ShopZone::of('Europe/Berlin')->endOf('2026-12-31')?->format('Y-m-d\TH:i:s\Z'),
        );
        self::assertNull(ShopZone::of('Europe/Berlin')->endOf('2026-12-31 10:00'));
    }

    /**
     * Every instant of the two clock changes of a year, a quarter of an hour apart, in zones that change differently.
     */
    public function test_a_wall_time_read_back_is_the_same_or_the_earlier_instant(): void
    {
        foreach (['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Tokyo'] as $name) {
            $zone = ShopZone::of($name);
            foreach (['2026-03-07', '2026-03-28', '2026-04-04', '2026-10-03', '2026-10-24', '2026-10-31'] as $day) {
                $start = new \DateTimeImmutable($day, new DateTimeZone('UTC'));
                for ($quarter = 0; $quarter < 288; $quarter++) {
                    $instant = $start->modify('+'.($quarter * 15).' minutes');
                    $again = $zone->instant($zone->wall($instant));
                    self::assertNotNull($again);
                    self::assertSame($zone->wall($instant), $zone->wall($again), "$name $day $quarter");
                    self::assertLessThanOrEqual($instant, $again);
                }
            }
        }
    }
}
