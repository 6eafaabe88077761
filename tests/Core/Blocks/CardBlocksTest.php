<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Blocks\ProductGrid\Pictures;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;

/** What stands on cards. */
final class CardBlocksTest extends TestCase
{
    public function test_the_whole_card_leads_to_the_product_and_is_named_where_nothing_on_it_leads_there(): void
    {
        $plain = self::card([], new Node('t', 'title'));
        self::assertSame(['/p/teal-tide', false], [$plain->data['cover'], $plain->data['named']]);
        self::assertTrue(self::card([], new Node('t', 'title', ['linked' => true]))->data['named']);
        self::assertTrue(
            self::card([], new Node('h', 'holder', children: [new Node('p', 'product-picture')]))->data['named'],
            'Also where that stands in a holder.',
        );
        self::assertFalse(
            self::card([], new Node('t', 'title', ['linked' => true], when: ['off' => true]))->data['named'],
            'What is switched off leads nowhere.',
        );
        self::assertNull(self::card(['linked' => false], new Node('t', 'title'))->data['cover']);
    }

    public function test_the_picture_brings_a_second_one_a_row_or_nothing_more(): void
    {
        $shown = static function (array $what): array {
            $data = Pages::block(new Node('b', 'product-picture', $what), Pages::ink())->data;

            return [array_column((array) $data['pictures'], 'id'), $data['link']];
        };
        self::assertSame([[1, 2], '/p/teal-tide'], $shown([]));
        self::assertSame([[1, 2, 3], '/p/teal-tide'], $shown(['more' => 'row']));
        self::assertSame([[1], ''], $shown(['more' => 'none', 'linked' => false]));
        self::assertSame(
            [],
            Pages::block(new Node('b', 'product-picture'), Pages::bare())->data['pictures'],
            'Without any there is a stand-in.',
        );
    }

    public function test_options_are_seen_as_colours_else_as_words_and_those_left_over_are_counted(): void
    {
        $see = static fn (array $what): array => Pages::block(new Node('b', 'swatches', $what), Pages::ink())->data;
        self::assertSame(
            [
                'name' => 'Colour',
                'values' => [['label' => 'Teal', 'swatch' => '#0f6f74'], ['label' => 'Plum', 'swatch' => '#7a1f3d']],
                'more' => 0,
            ],
            $see([]),
        );
        self::assertSame(
            ['Bottle', 1],
            [$see(['option' => 2, 'most' => 1])['name'], $see(['option' => 2, 'most' => 1])['more']],
        );
        self::assertSame(
            'this product has no such option',
            Pages::block(new Node('b', 'swatches', ['option' => 9]), Pages::ink())->absent,
        );
        self::assertSame(
            'this product has nothing to choose',
            Pages::block(new Node('b', 'swatches'), Pages::bare())->absent,
        );
    }

    public function test_the_words_round_a_fact_vanish_together_with_it(): void
    {
        $fact = new Fact(1, 'Drying time', FactKind::Number, 's', 0);
        $dries = new Product(
            8,
            'ink',
            'Ink',
            '',
            '',
            true,
            facts: array_values(array_filter([FactValue::of($fact, ['6'])])),
        );
        $words = ['fact' => 1, 'before' => 'dries in', 'after' => 'at most'];
        self::assertSame(
            ['before' => 'dries in', 'value' => '6 s', 'after' => 'at most'],
            Pages::block(new Node('b', 'fact', $words), $dries)->data,
        );
        self::assertSame(
            'this product has no Care',
            Pages::block(new Node('b', 'fact', $words), Pages::bare())->absent,
        );
        self::assertSame(
            ['before' => '', 'value' => 'not measured', 'after' => ''],
            Pages::block(new Node('b', 'fact', $words + ['otherwise' => 'not measured']), Pages::bare())->data,
        );
        self::assertSame('no fact is chosen', Pages::block(new Node('b', 'fact'), $dries)->absent);
    }

    public function test_its_categories_are_the_main_one_or_all_each_once(): void
    {
        $names = static fn (array $what): array => array_column(
            (array) Pages::block(new Node('b', 'in-categories', $what), Pages::ink())->data['categories'],
            'address',
            'name',
        );
        $shimmer = World::tree()->category(World::SHIMMER);
        self::assertNotNull($shimmer);
        self::assertSame([$shimmer->name => "/c/$shimmer->slug"], $names([]));
        self::assertSame([$shimmer->name => "/c/$shimmer->slug"], $names(['which' => 'all']));
        self::assertSame([$shimmer->name => null], $names(['linked' => false]));
        self::assertSame(
            'this product is in no category',
            Pages::block(new Node('b', 'in-categories'), Pages::bare())->absent,
        );
    }

    public function test_buying_from_a_list_is_at_once_where_there_is_nothing_to_choose(): void
    {
        $state = static fn (Variant ...$variants): array =>
            self::bought(new Product(8, 'ink', 'Ink', '', '', true, variants: array_values($variants)));
        self::assertSame(['buy', 'Add to cart', 31], $state(new Variant(31, 'A', [], 900, stock: 2)));
        self::assertSame(
            ['choose', 'Choose…', 0],
            $state(new Variant(31, 'A', [1 => 1], 900, stock: 0), new Variant(32, 'B', [1 => 2], 900, stock: 1)),
        );
        self::assertSame(['gone', 'Sold out', 0], $state(new Variant(31, 'A', [], 900, stock: 0)));
        self::assertSame(['none', 'Not for sale now', 0], $state());
    }

    public function test_the_first_pictures_of_the_pages_own_list_do_not_wait(): void
    {
        $cards = str_repeat('<img loading="lazy" data-card><img loading="lazy">', 6);
        self::assertSame(8, substr_count(Pictures::eager($cards, true), 'loading="lazy"'));
        self::assertSame(12, substr_count(Pictures::eager($cards, false), 'loading="lazy"'));
        self::assertStringNotContainsString('data-card', Pictures::eager($cards, true).Pictures::eager($cards, false));
    }

    /** @return list<mixed> */
    private static function bought(Product $product): array
    {
        $data = Pages::block(new Node('b', 'quick-buy'), $product)->data;

        return [$data['state'], $data['words'], $data['variant']];
    }

    /** @param  array<string, mixed>  $what */
    private static function card(array $what, Node ...$blocks): ComposedNode
    {
        return Kinds::composer()->compose(
            new Node('c', 'card', $what, children: array_values($blocks)),
            Pages::context(Pages::ink()),
        )->page;
    }
}
