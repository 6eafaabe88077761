<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\GroundPictures;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Styling;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;

/** What a page offers of a picture is what its place can show: sharp on fine screens, and no more than that. */
final class PictureDataTest extends TestCase
{
    private const PHONE = '(max-width:639px)';

    public function test_a_wide_place_is_offered_everything_and_phones_at_most_800(): void
    {
        $data = PictureData::of(self::picture(3000), new Pages, Place::window());

        self::assertSame('400w 800w 1600w 2400w', self::widths($data['srcset']));
        self::assertSame('100vw', $data['sizes']);
        self::assertSame('/pictures/x-800.webp', $data['src']);
        self::assertSame('/pictures/x-2400.webp', $data['largest']);
        self::assertSame(
            [[self::PHONE, false, '400w 800w', '100vw']],
            self::sources($data['sources']),
        );
    }

    public function test_a_place_is_offered_twice_its_pixels_and_no_more(): void
    {
        $widths = static fn (int $wide, int $pixels): string => self::widths(
            PictureData::of(self::picture($wide), new Pages, Place::fixed($pixels))['srcset'],
        );

        self::assertSame('400w 800w', $widths(3000, 280));
        self::assertSame('400w 800w', $widths(3000, 400));
        self::assertSame('400w 800w 1600w', $widths(3000, 401));
        self::assertSame('400w 800w 1000w', $widths(1000, 600));
        self::assertSame('160w 400w', $widths(3000, 200));
        self::assertSame('', $widths(3000, 80), 'one size alone leaves nothing to choose');
        self::assertSame('', $widths(120, 600));
    }

    public function test_where_phones_need_more_than_their_place_says_they_are_offered_it(): void
    {
        $place = Place::window()->map(static fn (Breadth $room, Width $width): Breadth =>
            new Breadth(0.0, $width === Width::Phone ? 250.0 : 210.0));

        self::assertSame('400w 800w', self::widths(PictureData::of(self::picture(3000), new Pages, $place)['srcset']));
    }

    public function test_avif_stands_first_and_says_the_same(): void
    {
        $data = PictureData::of(self::picture(3000, avif: true), new Pages, Place::window());
        self::assertSame(
            [
                [self::PHONE, true, '400w 800w', '100vw'],
                [self::PHONE, false, '400w 800w', '100vw'],
                ['', true, '400w 800w 1600w 2400w', '100vw'],
            ],
            self::sources($data['sources']),
        );
        self::assertStringNotContainsString('.webp', $data['sources'][0]['srcset']);

        $small = PictureData::of(self::picture(3000, avif: true), new Pages, Place::fixed(80));
        self::assertSame([['', true, '', '']], self::sources($small['sources']));
        self::assertSame('/pictures/x-160.avif', $small['sources'][0]['srcset']);
    }

    public function test_phones_have_their_own_place_and_finer_screens_and_the_others_are_not_told_of_it(): void
    {
        $place = Place::window()->map(static fn (Breadth $room, Width $width): Breadth =>
            $width === Width::Phone ? new Breadth(0.0, 250.0) : $room);
        $data = PictureData::of(self::picture(3000, avif: true), new Pages, $place);

        self::assertSame('100vw', $data['sizes']);
        self::assertSame(
            [
                [self::PHONE, true, '400w 800w', '250px'],
                [self::PHONE, false, '400w 800w', '250px'],
                ['', true, '400w 800w 1600w 2400w', '100vw'],
            ],
            self::sources($data['sources']),
        );
    }

    public function test_another_picture_for_narrow_widths_is_as_sharp_there(): void
    {
        $on = static fn (Width $width, bool $avif = false): array =>
            self::sources(PictureData::narrow(self::picture(3000, $avif), new Pages, Place::window(), $width));

        self::assertSame([[self::PHONE, false, '400w 800w', '100vw']], $on(Width::Phone));
        self::assertSame(
            [
                [self::PHONE, false, '400w 800w', '100vw'],
                ['(max-width:899px)', false, '400w 800w 1600w 2400w', '100vw'],
            ],
            $on(Width::Tablet),
        );
        self::assertSame([true, false, true, false], array_column($on(Width::Tablet, true), 1));
    }

    public function test_a_picture_on_a_ground_is_as_wide_as_the_widest_place_that_it_lies_in(): void
    {
        $css = static function (Picture $picture, Place ...$places): string {
            $sheet = new StyleSheet(StyleMarks::short(''));
            $grounds = new GroundPictures($sheet, new Pages);
            foreach ($places as $place) {
                $grounds->of($picture, $place, false);
            }

            return $sheet->css();
        };
        $url = static fn (int $size): string => "url(\"/pictures/x-$size.webp\")";

        self::assertSame(
            ":root{--picture-1:{$url(2400)}}@media (max-width:899px){:root{--picture-1:image-set({$url(1600)} 1x,"
                ."{$url(2400)} 2x)}}@media (max-width:639px){:root{--picture-1:{$url(800)}}}",
            $css(self::picture(3000), Place::fixed(100), Place::window()),
        );
        self::assertSame(
            $css(self::picture(3000), Place::fixed(100), Place::window()),
            $css(self::picture(3000), Place::window(), Place::fixed(100)),
            'in whatever order they stand',
        );
        self::assertSame(
            ":root{--picture-1:image-set({$url(400)} 1x,{$url(800)} 2x)}",
            $css(self::picture(3000), Place::fixed(300)),
        );
        self::assertSame(":root{--picture-1:{$url(400)}}", $css(self::picture(300), Place::window()));
    }

    public function test_what_repeats_at_its_own_size_is_as_large_on_finer_screens(): void
    {
        $css = static function (array $values): string {
            $sheet = new StyleSheet(StyleMarks::short(''));
            $schema = Kinds::composer()->schema;
            $node = new Node('b', 'band', how: ['desktop' => ['groundPicture' => 1, ...$values]]);
            $definition = $schema->definition('band');
            self::assertNotNull($definition);
            (new Styling($sheet, $schema))->of($node, $definition, [1 => self::picture(1000)], new Pages);

            return (string) preg_replace('/\[.*/', '', $sheet->css());
        };
        $url = static fn (int $size): string => "url(\"/pictures/x-$size.webp\")";

        self::assertSame(
            ":root{--picture-1:image-set({$url(800)} 1x,{$url(1600)} 1.25x)}@media (max-width:639px){:root{--picture-1:"
                ."{$url(800)}}}",
            $css(['groundFit' => 'auto']),
        );
        self::assertStringStartsWith(":root{--picture-1:{$url(1600)}}", $css(['groundFit' => 'cover']));
    }

    private static function picture(int $width, bool $avif = false): Picture
    {
        return new Picture(1, 'x', $width, intdiv($width, 2), 'A desk', avif: $avif, made: 2400);
    }

    /**
     * @param  list<array{media: string, avif: bool, srcset: string, sizes: string, width: int, height: int}>  $sources
     * @return list<array{string, bool, string, string}>
     */
    private static function sources(array $sources): array
    {
        return array_map(
            static fn (array $one): array => [$one['media'], $one['avif'], self::widths($one['srcset']), $one['sizes']],
            $sources,
        );
    }

    private static function widths(string $srcset): string
    {
        preg_match_all('/ (\d+w)/', $srcset, $widths);

        return implode(' ', $widths[1]);
    }
}
