<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing\Places;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\ProductGrid\Cards;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;

/** A picture is offered for the place that it stands in, whatever is set around it. */
final class PlacesTest extends TestCase
{
    private const USUAL = '(max-width:639px) calc(100vw - 32px),(max-width:899px) calc(100vw - 64px),'
        .'min(100vw - 80px, 1200px)';

    /** @return iterable<string, array{Node, string}> band => what the first picture in it says */
    public static function bands(): iterable
    {
        $picture = static fn (array $how = []): Node => new Node('p', 'picture', ['picture' => 50], $how);
        $column = static fn (array $how = [], Node ...$blocks): Node => new Node(
            'c'.count($blocks),
            'column',
            how: $how,
            children: array_values($blocks),
        );
        $band = static fn (array $how, Node ...$columns): Node =>
            new Node('b', 'band', how: $how, children: array_values($columns));
        $phone = '(max-width:639px) calc(100vw - 32px),';

        yield 'as wide as the page' => [$band([], $column([], $picture())), self::USUAL];
        yield 'full width' => [
            $band(['desktop' => ['width' => 'full']], $column([], $picture())),
            "$phone(max-width:899px) calc(100vw - 64px),calc(100vw - 80px)",
        ];
        yield 'one of two columns, one below another on the phone' => [
            $band([], $column([], $picture()), $column()),
            "$phone(max-width:899px) calc(50vw - 56px),min(50vw - 64px, 576px)",
        ];
        yield 'two of three shares' => [
            $band([], $column(['desktop' => ['share' => 2]], $picture()), $column()),
            "$phone(max-width:899px) calc(66.7vw - 75px),min(66.7vw - 85px, 768px)",
        ];
        yield 'a part in per cent' => [
            $band([], $column(['desktop' => ['width' => 40]], $picture()), $column()),
            "$phone(max-width:899px) calc(40vw - 26px),min(40vw - 32px, 480px)",
        ];
        yield 'what others in per cent leave' => [
            $band([], $column([], $picture()), new Node('c9', 'column', how: ['desktop' => ['width' => 40]])),
            "$phone(max-width:899px) calc(60vw - 86px),min(60vw - 96px, 672px)",
        ];
        yield 'all in per cent: the gap is taken off each by its part' => [
            $band(
                [],
                $column(['desktop' => ['width' => 40]], $picture()),
                new Node('c9', 'column', how: ['desktop' => ['width' => 60]]),
            ),
            "$phone(max-width:899px) calc(40vw - 45px),min(40vw - 51px, 461px)",
        ];
        yield 'one below another' => [
            $band(['desktop' => ['stack' => 'column']], $column([], $picture()), $column()),
            self::USUAL,
        ];
        yield 'beside a column that is not on the desktop' => [
            $band([], $column([], $picture()), new Node('c9', 'column', when: ['widths' => ['phone']])),
            self::USUAL,
        ];
        yield 'another gap between columns' => [
            $band(['desktop' => ['gap' => 1]], $column([], $picture()), $column()),
            "$phone(max-width:899px) calc(50vw - 34px),min(50vw - 42px, 598px)",
        ];
        yield 'in a column with room inside and a line' => [
            $band([], $column(['desktop' => ['padding' => 20, 'lineLeft' => 4]], $picture())),
            '(max-width:639px) calc(100vw - 76px),(max-width:899px) calc(100vw - 108px),min(100vw - 124px, 1156px)',
        ];
        yield 'room inside as a share' => [
            $band([], $column(['desktop' => ['paddingLeft' => '10%']], $picture())),
            '(max-width:639px) calc(90vw - 29px),(max-width:899px) calc(90vw - 58px),min(90vw - 72px, 1080px)',
        ];
        yield 'in a band without room beside it' => [
            $band(
                ['desktop' => ['paddingLeft' => 0, 'paddingRight' => 'step-4', 'width' => 'full']],
                $column([], $picture()),
            ),
            'calc(100vw - 20px)',
        ];
        yield 'half as wide itself, on the desktop alone' => [
            $band([], $column([], $picture(['desktop' => ['width' => '50%'], 'tablet' => ['width' => 'fill']]))),
            "$phone(max-width:899px) calc(100vw - 64px),min(50vw - 40px, 600px)",
        ];
        yield 'with room outside' => [
            $band([], $column([], $picture(['desktop' => ['marginLeft' => 40, 'marginRight' => 'auto']]))),
            '(max-width:639px) calc(100vw - 72px),(max-width:899px) calc(100vw - 104px),min(100vw - 120px, 1160px)',
        ];
        yield 'its picture fixed' => [
            $band([], $column([], $picture(['desktop' => ['picture.width' => '320px']]))),
            '(max-width:639px) min(100vw - 32px, 320px),320px',
        ];
        yield 'at most so wide' => [
            $band([], $column([], $picture(['desktop' => ['mostWidth' => '30rem']]))),
            '(max-width:639px) min(100vw - 32px, 480px),480px',
        ];
        yield 'in a column and a band of limited width' => [
            $band(['desktop' => ['most' => 900]], $column(['tablet' => ['most' => 500]], $picture())),
            '(max-width:639px) min(100vw - 32px, 500px),(max-width:899px) 500px,820px',
        ];
        yield 'in a carousel of three' => [
            $band([], $column(
                [],
                new Node('k', 'carousel', how: ['desktop' => ['perView' => 3]], children: [$picture()]),
            )),
            '(max-width:639px) calc(33.3vw - 19px),(max-width:899px) calc(33.3vw - 29px),min(33.3vw - 35px, 392px)',
        ];
    }

    #[DataProvider('bands')]
    public function test_a_picture_says_how_wide_its_place_is(Node $band, string $sizes): void
    {
        $picture = self::first(Pages::band($band, Pages::ink()), 'picture');

        self::assertSame($sizes, $picture?->data['sizes']);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, mixed>>, string}> */
    public static function lists(): iterable
    {
        yield 'as it comes: two, three, four' => [
            [], [], '(max-width:639px) calc(50vw - 10px),(max-width:899px) calc(33.3vw - 13px),calc(25vw - 15px)',
        ];
        yield 'six, of which narrower widths take what they can' => [
            [],
            ['desktop' => ['perRow' => 6]],
            '(max-width:639px) calc(50vw - 10px),(max-width:899px) calc(25vw - 15px),calc(16.7vw - 17px)',
        ];
        yield 'one on the phone' => [
            [],
            ['desktop' => ['perRow' => 2, 'gap' => 1], 'phone' => ['perRow' => 1]],
            '(max-width:639px) 100vw,calc(50vw - 2px)',
        ];
        yield 'as many as find so much room' => [
            [],
            ['desktop' => ['cardWidth' => 300]],
            '(max-width:639px) 100vw,(max-width:899px) calc(50vw - 10px),calc(25vw - 15px)',
        ];
        yield 'one below another, the picture beside' => [
            ['layout' => 'list'], [], '(max-width:639px) 84px,120px',
        ];
        yield 'in a row that slides' => [
            ['layout' => 'row'],
            [],
            '(max-width:639px) 44vw,(max-width:899px) calc(33.3vw - 13px),calc(25vw - 15px)',
        ];
        yield 'in a row that slides, each so wide' => [
            ['layout' => 'row'],
            ['desktop' => ['cardWidth' => 260]],
            '260px',
        ];
    }

    /**
     * @param  array<string, mixed>  $what
     * @param  array<string, array<string, mixed>>  $how
     */
    #[DataProvider('lists')]
    public function test_a_card_has_its_part_of_the_list(array $what, array $how, string $sizes): void
    {
        $list = new Node('g', 'product-grid', $what, $how);

        self::assertSame($sizes, (new Cards($list, HouseStyle::standard()))->room(Place::window())->sizes());
    }

    private static function first(ComposedNode $node, string $kind): ?ComposedNode
    {
        foreach ($node->kind === $kind ? [] : $node->children as $child) {
            $found = self::first($child, $kind);
            if ($found !== null) {
                return $found;
            }
        }

        return $node->kind === $kind ? $node : null;
    }
}
