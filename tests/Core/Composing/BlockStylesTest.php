<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\BlockStyles;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;
use Vestibra\Tests\Core\Templates\Trees;

/** The styles of the blocks that an edit changed, which is all that a canvas needs to be told. */
final class BlockStylesTest extends TestCase
{
    private const PADDED = ['desktop' => ['padding' => 20]];

    public function test_only_what_looks_otherwise_is_said(): void
    {
        $before = self::page(
            self::note('same', self::PADDED),
            self::note('larger', self::PADDED),
            self::note('bare', self::PADDED),
            self::note('gone', self::PADDED),
            self::note('words', self::PADDED),
        );
        $after = self::page(
            self::note('same', self::PADDED),
            self::note('larger', ['desktop' => ['padding' => 30]]),
            self::note('bare'),
            self::note('words', self::PADDED, 'Others'),
            self::note('fresh', self::PADDED),
            self::note('plain'),
        );

        self::assertSame([
            'larger' => '[data-s-larger][data-b]{padding:30px}',
            'bare' => '',
            'fresh' => '[data-s-fresh][data-b]{padding:20px}',
        ], self::changed($before, $after));
        self::assertSame([], self::changed($after, $after));
    }

    public function test_a_block_that_is_hidden_on_a_width_looks_otherwise(): void
    {
        $hidden = new Node('one', 'note', ['text' => 'Words'], when: ['widths' => ['desktop', 'tablet']]);

        self::assertSame(
            ['one' => '@media (max-width:639px){[data-s-one][data-b]{display:none}}'],
            self::changed(self::page(self::note('one')), self::page($hidden)),
        );
        self::assertSame(['one' => ''], self::changed(self::page($hidden), self::page(self::note('one'))));
    }

    public function test_a_block_that_appears_brings_its_styles(): void
    {
        foreach ([['off' => true], ['days' => ['from' => '2999-01-01', 'to' => null]]] as $when) {
            $absent = new Node('one', 'note', ['text' => 'Words'], how: self::PADDED, when: $when);
            self::assertSame(
                ['one' => '[data-s-one][data-b]{padding:20px}'],
                self::changed(self::page($absent), self::page(self::note('one', self::PADDED))),
            );
        }
    }

    /** @return iterable<string, array{Node, Node, bool}> */
    public static function others(): iterable
    {
        $grid = new Node('g', 'product-grid');
        yield 'words' => [self::page(self::note('one')), self::page(self::note('one', words: 'Others')), false];
        yield 'a grid comes in, with its card' => [self::page(), self::page($grid), true];
        yield 'a grid stays' => [self::page($grid), self::page($grid, self::note('one')), false];
        yield 'a grid has another card' =>
            [self::page($grid), self::page(new Node('g', 'product-grid', ['card' => 7])), true];
        yield 'a grid appears' =>
            [self::page(new Node('g', 'product-grid', when: ['off' => true])), self::page($grid), true];
        yield 'a grid looks otherwise' =>
            [self::page($grid), self::page(new Node('g', 'product-grid', how: ['desktop' => ['gap' => 8]])), false];
        yield 'a kept part' => [self::page(), self::page(new Node('s', 'shared', ['part' => 1])), true];
        yield 'another product' =>
            [self::page(new Node('h', 'holder')), self::page(new Node('h', 'holder', ['product' => 3])), true];
        yield 'something goes' => [self::page($grid), self::page(), false];
    }

    #[DataProvider('others')]
    public function test_blocks_of_neither_tree_may_come_in(Node $before, Node $after, bool $may): void
    {
        self::assertSame($may, self::styles()->bringOthers($before, $after));
    }

    public function test_a_picture_that_comes_onto_a_ground_brings_its_file(): void
    {
        self::assertSame(
            [
                'one' => ':root{--picture-3:url("/pictures/file3-800.webp")}'
                    .'[data-s-one][data-b]{background-image:var(--picture-3);'
                    .'background-size:cover;background-position:var(--picture-3-at,center)}',
            ],
            self::changed(
                self::page(self::note('one')),
                self::page(self::note('one', ['desktop' => ['groundPicture' => 3]])),
            ),
        );
    }

    public function test_what_matters_most_about_a_picture_stays_in_view_where_it_is_a_ground(): void
    {
        $picture = new Picture(3, 'file3', 800, 600, '', focusX: 1, focusY: 4);
        $css = self::styles()->changed(
            self::page(self::note('one')),
            self::page(self::note('one', ['desktop' => ['groundPicture' => 3]])),
            static fn (Node $block): array => [3 => $picture],
        )['one'] ?? '';

        self::assertStringContainsString('--picture-3-at:25% 100%', $css);
        self::assertStringContainsString('background-position:var(--picture-3-at,center)', $css);
    }

    public function test_a_card_that_is_at_least_so_high_has_lines_of_its_own(): void
    {
        $card = new Node('c', 'card');

        self::assertSame(
            ['c' => '[data-s-c][data-b]{min-block-size:320px;grid-template-rows:none}'],
            self::changed($card, new Node('c', 'card', how: ['desktop' => ['height' => 320]])),
        );
    }

    /** @return array<string, string> */
    private static function changed(Node $before, Node $after): array
    {
        return self::styles()
            ->changed($before, $after, static fn (Node $block): array => [3 => Pages::pictureNumber(3)]);
    }

    private static function styles(): BlockStyles
    {
        return new BlockStyles(Trees::schema(), new Pages);
    }

    private static function page(Node ...$blocks): Node
    {
        return new Node('p', 'page', children: array_values($blocks));
    }

    /** @param  array<string, array<string, mixed>>  $how */
    private static function note(string $id, array $how = [], string $words = 'Words'): Node
    {
        return new Node($id, 'note', ['text' => $words], how: $how);
    }
}
