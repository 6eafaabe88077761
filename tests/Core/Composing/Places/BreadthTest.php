<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing\Places;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\Width;

/** What is worked out of a width is what the CSS that is printed of it says. */
final class BreadthTest extends TestCase
{
    public function test_it_is_said_as_short_as_it_can_be(): void
    {
        $window = new Breadth;

        self::assertSame('100vw', $window->css(900, 9999));
        self::assertSame('calc(100vw - 32px)', $window->less(32)->css(320, 639));
        self::assertSame('min(100vw - 80px, 1200px)', $window->less(80)->atMost(1200)->css(900, 9999));
        self::assertSame('600px', $window->less(80)->atMost(600)->css(900, 9999));
        self::assertSame('calc(50vw - 56px)', $window->less(80)->less(32)->times(0.5)->css(640, 899));
        self::assertSame('calc(100vw - 80px)', $window->less(80)->atMost(1200)->css(640, 899));
        self::assertSame('33.3vw', $window->times(1 / 3)->css(900, 9999));
        self::assertSame('124px', (new Breadth(0.0, 124.0))->css(900, 9999));
        self::assertSame('1px', (new Breadth(0.0, -10.0))->css(900, 9999));
    }

    public function test_for_any_room_and_window_the_css_comes_to_what_is_worked_out(): void
    {
        mt_srand(32);
        for ($n = 0; $n < 2000; $n++) {
            $room = new Breadth(mt_rand(0, 1) === 0 ? 1.0 : mt_rand(0, 1000) / 1000, mt_rand(-200, 200) * 1.0);
            $room = mt_rand(0, 1) === 0 ? $room : $room->atMost(mt_rand(50, 1600) * 1.0);
            $room = $room->less(mt_rand(0, 80) * 1.0)->times(mt_rand(1, 10) / 10);
            [$from, $to] = [[320, 639], [640, 899], [900, 9999]][mt_rand(0, 2)];
            $window = mt_rand($from, min($to, 2600));
            self::assertEqualsWithDelta(
                $room->at($window),
                self::computed($room->css($from, $to), $window),
                // Shares are printed with one decimal, pixels whole.
                $window * 0.0005 + 1.1,
                $room->css($from, $to)." at $window",
            );
        }
    }

    public function test_what_is_the_same_at_several_widths_is_said_once(): void
    {
        $place = Place::window();

        self::assertSame('100vw', $place->sizes());
        $narrower = $place->map(static fn (Breadth $room, Width $width): Breadth =>
            $width === Width::Desktop ? $room->times(0.5) : $room);
        self::assertSame('(max-width:899px) 100vw,50vw', $narrower->sizes());
        $phone = $place->map(static fn (Breadth $room, Width $width): Breadth =>
            $width === Width::Phone ? $room->times(0.5) : $room);
        self::assertSame('(max-width:639px) 50vw,100vw', $phone->sizes());
        self::assertSame('100vw', $phone->sizes(withPhone: false));
        $tablet = $place->map(static fn (Breadth $room, Width $width): Breadth =>
            $width === Width::Tablet ? $room->times(0.5) : $room);
        self::assertSame('(max-width:639px) 100vw,(max-width:899px) 50vw,100vw', $tablet->sizes());
    }

    /** `min()`, `calc()`, `vw` and `px` alone (CSS Values 4). */
    private static function computed(string $css, int $window): float
    {
        if (preg_match('/^min\((.+), (.+)\)$/D', $css, $part) === 1) {
            return min(self::computed($part[1], $window), self::computed($part[2], $window));
        }
        $sum = 0.0;
        $sign = 1;
        foreach (explode(' ', trim((string) preg_replace('/^calc\((.*)\)$/D', '$1', $css))) as $word) {
            if ($word === '+' || $word === '-') {
                $sign = $word === '+' ? 1 : -1;
            } else {
                self::assertMatchesRegularExpression('/^[\d.]+(vw|px)$/D', $word, $css);
                $sum += $sign * (float) $word * (str_ends_with($word, 'vw') ? $window / 100 : 1);
            }
        }

        return max(1.0, $sum);
    }
}
