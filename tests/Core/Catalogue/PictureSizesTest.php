<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;

/** A picture is kept in sizes that are never wider than it is, and is announced as wide as its files truly are. */
final class PictureSizesTest extends TestCase
{
    /** @return iterable<string, array{int, int, array<int, int>}> */
    public static function pictures(): iterable
    {
        yield 'large' => [3000, 2400, [160 => 160, 400 => 400, 800 => 800, 1600 => 1600, 2400 => 2400]];
        yield 'exactly as wide as a size' => [1600, 1600, [160 => 160, 400 => 400, 800 => 800, 1600 => 1600]];
        yield 'between two' => [1000, 1600, [160 => 160, 400 => 400, 800 => 800, 1600 => 1000]];
        yield 'narrower than what every picture has' => [300, 800, [160 => 160, 400 => 300]];
        yield 'tiny' => [90, 800, [160 => 90]];
        yield 'one that an earlier version made' => [3000, 800, [160 => 160, 400 => 400, 800 => 800]];
    }

    /** @param  array<int, int>  $sizes */
    #[DataProvider('pictures')]
    public function test_its_sizes_are_as_wide_as_their_files(int $width, int $made, array $sizes): void
    {
        self::assertSame($sizes, PictureSizes::of($width, $made));
    }

    public function test_the_widest_that_is_made_is_the_first_that_holds_all_of_it(): void
    {
        self::assertSame(
            [800, 800, 800, 1600, 1600, 2400, 2400],
            array_map(PictureSizes::widest(...), [1, 400, 800, 801, 1600, 1601, 9000]),
        );
    }

    public function test_the_size_for_a_place_is_the_narrowest_that_fills_it(): void
    {
        $picture = new Picture(1, 'x', 1000, 500, '', made: 1600);

        self::assertSame(
            [160, 400, 400, 800, 1600, 1600],
            array_map($picture->sizeFor(...), [0.0, 161.0, 400.0, 401.0, 900.0, 5000.0]),
        );
        self::assertSame([800, 400], [$picture->sizeFor(5000.0, 800), $picture->sizeFor(5000.0, 799)]);
    }

    public function test_for_pictures_of_any_width_none_of_it_is_lost_and_nothing_made_larger(): void
    {
        mt_srand(31);
        for ($n = 0; $n < 500; $n++) {
            $width = mt_rand(1, 6000);
            $sizes = PictureSizes::of($width, PictureSizes::widest($width));
            self::assertSame(min($width, 2400), max($sizes), "$width");
            self::assertSame(array_unique($sizes), $sizes, "$width");
            foreach ($sizes as $size => $wide) {
                self::assertSame(min($size, $width), $wide, "$width");
            }
        }
    }
}
