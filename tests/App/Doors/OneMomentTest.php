<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use DateTimeImmutable;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\Tests\App\TestCase;

final class OneMomentTest extends TestCase
{
    public function test_a_request_is_answered_as_of_one_moment_and_the_next_as_of_its_own(): void
    {
        $this->moments();
        $this->travelTo(new DateTimeImmutable('2026-11-27T09:00:00Z'));

        self::assertSame(['09:00:00', '09:00:00'], $this->get('/moments')->json());
        self::assertSame('09:01:00', $this->app->make(ShopClock::class)->now()->format('H:i:s'));
        self::assertSame(['09:01:00', '09:01:00'], $this->get('/moments')->json());
    }

    public function test_the_clock_goes_on_after_a_request_that_failed(): void
    {
        Route::get('/moments', static fn () => throw new RuntimeException('No.'));
        $this->travelTo(new DateTimeImmutable('2026-11-27T09:00:00Z'));
        $this->get('/moments')->assertStatus(500);
        $this->travel(1)->minutes();

        self::assertSame('09:01:00', $this->app->make(ShopClock::class)->now()->format('H:i:s'));
    }

    public function test_who_walks_the_shop_as_on_another_day_is_answered_as_of_that_day(): void
    {
        Route::get('/moments', static function (ShopClock $clock): string {
            $clock->moveTo(new DateTimeImmutable('2026-12-24T18:00:00Z'));

            return $clock->now()->format('Y-m-d');
        });

        self::assertSame('2026-12-24', $this->get('/moments')->getContent());
    }

    /** An address that answers what its clock says at first, and a minute later. */
    private function moments(): void
    {
        Route::get('/moments', function (ShopClock $clock): array {
            $first = $clock->now();
            $this->travel(1)->minutes();

            return [$first->format('H:i:s'), $clock->now()->format('H:i:s')];
        });
    }
}
