<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\Node;

/** What each block comes to for a product, and when it has nothing to show. */
final class BlocksTest extends TestCase
{
    public function test_the_title_is_the_products(): void
    {
        self::assertSame(
            ['text' => 'Teal Tide <b>ink</b>', 'level' => 'h1', 'size' => 'h1', 'link' => ''],
            Pages::block(new Node('b', 'title'), Pages::ink())->data,
        );
        self::assertSame('h3', Pages::block(new Node('b', 'title', ['level' => 'h3']), Pages::ink())->data['level']);
        self::assertSame(
            '/p/teal-tide',
            Pages::block(new Node('b', 'title', ['linked' => true]), Pages::ink())->data['link'],
        );
    }

    /** @return iterable<string, array{array<string, string>, array<int, int>, array<string, mixed>}> */
    public static function prices(): iterable
    {
        $plum = [1 => 12];
        yield 'the chosen one' => [[], [], [
            'now' => '£9.50', 'from' => false, 'to' => null, 'was' => null, 'saving' => null,
        ]];
        yield 'on sale, per cent' => [[], $plum, [
            'now' => '£9.60', 'from' => false, 'to' => null, 'was' => '£12.00', 'saving' => 'save 20 %',
        ]];
        yield 'on sale, amount' => [['saving' => 'amount'], $plum, [
            'now' => '£9.60', 'from' => false, 'to' => null, 'was' => '£12.00', 'saving' => 'save £2.40',
        ]];
        yield 'on sale, both' => [['saving' => 'both'], $plum, [
            'now' => '£9.60', 'from' => false, 'to' => null, 'was' => '£12.00', 'saving' => 'save £2.40 (20 %)',
        ]];
        yield 'on sale, no words' => [['saving' => 'none'], $plum, [
            'now' => '£9.60', 'from' => false, 'to' => null, 'was' => '£12.00', 'saving' => null,
        ]];
        yield 'from, before a choice' => [['ranges' => 'from'], [], [
            'now' => '£9.50', 'from' => true, 'to' => null, 'was' => null, 'saving' => null,
        ]];
        yield 'from, after a choice' => [['ranges' => 'from'], [2 => 22], [
            'now' => '£13.50', 'from' => false, 'to' => null, 'was' => null, 'saving' => null,
        ]];
        yield 'range, before a choice' => [['ranges' => 'range'], [], [
            'now' => '£9.50', 'from' => false, 'to' => '£13.50', 'was' => null, 'saving' => null,
        ]];
    }

    /**
     * @param  array<string, string>  $what
     * @param  array<int, int>  $wishes
     * @param  array<string, mixed>  $data
     */
    #[DataProvider('prices')]
    public function test_the_price(array $what, array $wishes, array $data): void
    {
        self::assertSame(
            $data + ['unit' => null, 'tax' => null],
            Pages::block(new Node('b', 'price', $what), Pages::ink(), $wishes)->data,
        );
    }

    public function test_the_gallery_begins_with_the_picture_of_the_chosen_variant(): void
    {
        $ids = static fn (array $wishes): array =>
            array_column((array) Pages::block(new Node('b', 'gallery'), Pages::ink(), $wishes)->data['pictures'], 'id');

        self::assertSame([1, 2, 3], $ids([]));
        self::assertSame([2, 1, 3], $ids([1 => 12]));
    }

    public function test_a_gallery_without_pictures_stays_for_its_stand_in(): void
    {
        $gallery = Pages::block(new Node('b', 'gallery'), Pages::bare());

        self::assertNull($gallery->absent);
        self::assertSame([], $gallery->data['pictures']);
    }

    public function test_pictures_carry_their_size_so_that_room_is_kept(): void
    {
        $picture = ((array) Pages::block(new Node('b', 'gallery'), Pages::ink())->data['pictures'])[0];

        self::assertSame(
            [
                'film' => null, 'id' => 1, 'tiny' => '/pictures/file1-160.webp', 'src' => '/pictures/file1-800.webp',
                'srcset' => '/pictures/file1-400.webp 400w, /pictures/file1-800.webp 800w',
                'sizes' => '(max-width:639px) calc(100vw - 32px),(max-width:899px) calc(100vw - 64px),'
                    .'min(100vw - 80px, 1200px)',
                'sources' => [], 'largest' => '/pictures/file1-800.webp', 'width' => 800, 'height' => 600,
                'alt' => 'Picture 1', 'focus' => 'focus-x2 focus-y2',
            ],
            $picture,
        );
    }

    public function test_the_picker_shows_what_cannot_be_had(): void
    {
        /** @var list<array<string, mixed>> $options */
        $options = Pages::block(new Node('b', 'variant-picker'), Pages::ink(), [1 => 12])->data['options'];

        self::assertSame(
            ['Colour', 'swatches', 'Plum'],
            [$options[0]['name'], $options[0]['look'], $options[0]['chosen']],
        );
        self::assertSame(
            ['Bottle', 'buttons', '30 ml'],
            [$options[1]['name'], $options[1]['look'], $options[1]['chosen']],
        );
        self::assertSame(['available', 'available'], array_column((array) $options[0]['values'], 'availability'));
        self::assertSame(['available', 'not-made'], array_column((array) $options[1]['values'], 'availability'));
        self::assertSame([false, true], array_column((array) $options[0]['values'], 'chosen'));
    }

    public function test_the_picker_looks_as_the_owner_says(): void
    {
        /** @var list<array<string, mixed>> $options */
        $options = Pages::block(
            new Node('b', 'variant-picker', ['colours' => 'list', 'others' => 'list']),
            Pages::ink(),
        )->data['options'];

        self::assertSame(['list', 'list'], array_column($options, 'look'));
        self::assertSame(['available', 'sold-out'], array_column((array) $options[1]['values'], 'availability'));
    }

    public function test_buying_takes_the_chosen_variant(): void
    {
        self::assertSame(
            [
                'action' => '/cart', 'variant' => 101, 'product' => 7, 'label' => 'Add to cart', 'quantity' => true,
                'inStock' => true, 'left' => null,
            ],
            array_diff_key(Pages::block(new Node('b', 'buy'), Pages::ink())->data, [
                'after' => 1, 'buyNow' => 1, 'soldOut' => 1, 'soldOutOne' => 1,
            ]),
        );
        self::assertSame(
            [103, 3],
            self::some(Pages::block(new Node('b', 'buy'), Pages::ink(), [1 => 12])->data, 'variant', 'left'),
        );
        self::assertNull(
            Pages::block(new Node('b', 'buy'), Pages::ink(), isCard: true)->data['product'],
            'On a card it has a form of its own.',
        );
        self::assertSame(
            [102, false, null],
            self::some(Pages::block(new Node('b', 'buy'), Pages::ink(), [2 => 22])->data, 'variant', 'inStock', 'left'),
        );
    }

    public function test_a_second_button_goes_straight_to_the_checkout(): void
    {
        $data = Pages::block(
            new Node('b', 'buy', ['buyNow' => true, 'after' => 'cart', 'soldOut' => 'Gone.']),
            Pages::ink(),
        )->data;

        self::assertSame(['cart', 'Buy now', 'Gone.'], self::some($data, 'after', 'buyNow', 'soldOut'));
        self::assertNull(Pages::block(new Node('b', 'buy'), Pages::ink())->data['buyNow']);
    }

    public function test_the_rating_is_rounded_to_a_tenth(): void
    {
        self::assertSame(
            ['average' => '4.3', 'percent' => 86, 'count' => 3],
            Pages::block(new Node('b', 'rating'), Pages::ink())->data,
        );
        self::assertNull(Pages::block(new Node('b', 'rating', ['count' => false]), Pages::ink())->data['count']);
        self::assertSame(
            ['average' => null],
            Pages::block(new Node('b', 'rating', ['none' => 'words']), Pages::bare())->data,
        );
    }

    public function test_breadcrumbs_follow_the_main_category(): void
    {
        $data = Pages::block(new Node('b', 'breadcrumbs'), Pages::ink())->data;

        self::assertSame(['Home', 'Ink', 'Bottled', 'Shimmer'], array_column((array) $data['links'], 'name'));
        self::assertSame('/c/shimmer', ((array) $data['links'])[3]['address']);
        self::assertSame('Teal Tide <b>ink</b>', $data['here']);
        self::assertNull(Pages::block(new Node('b', 'breadcrumbs', ['title' => false]), Pages::ink())->data['here']);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function sources(): iterable
    {
        yield 'typed in' => ['Hello', 'Hello'];
        yield 'title' => [['source' => 'product.title'], 'Teal Tide <b>ink</b>'];
        yield 'short description' => [['source' => 'product.short-description'], 'Blue-green.'];
        yield 'brand' => [['source' => 'product.brand', 'otherwise' => 'x'], 'Ostrelve'];
        yield 'category' => [['source' => 'product.category'], 'Shimmer'];
        yield 'sku of the chosen variant' => [['source' => 'product.sku'], 'TT-1'];
    }

    #[DataProvider('sources')]
    public function test_words_are_typed_in_or_come_from_the_product(mixed $value, string $words): void
    {
        self::assertSame(
            $words,
            Pages::block(new Node('b', 'heading', ['text' => $value]), Pages::ink())->data['text'],
        );
        self::assertSame($words, Pages::block(new Node('b', 'text', ['text' => $value]), Pages::ink())->data['text']);
    }

    public function test_where_the_product_has_no_words_the_otherwise_stands(): void
    {
        foreach (['product.brand', 'product.short-description', 'product.category', 'product.sku'] as $source) {
            $value = ['source' => $source, 'otherwise' => 'Otherwise'];
            self::assertSame(
                'Otherwise',
                Pages::block(new Node('b', 'heading', ['text' => $value]), Pages::bare())->data['text'],
                $source,
            );
        }
    }

    public function test_a_picture_is_chosen_or_the_products_first(): void
    {
        $picture = static fn (mixed $value): mixed =>
            Pages::block(new Node('b', 'picture', ['picture' => $value]), Pages::ink())->data['id'] ?? null;

        self::assertSame(1, $picture(['source' => 'product.picture']));
        self::assertSame(50, $picture(50));
        self::assertNull($picture(51));
        self::assertSame(
            50,
            Pages::block(
                new Node('b', 'picture', ['picture' => ['source' => 'product.picture', 'otherwise' => 50]]),
                Pages::bare(),
            )->data['id'],
        );
        self::assertSame('Mine', Pages::block(new Node('b', 'picture', ['alt' => 'Mine']), Pages::ink())->data['alt']);
        self::assertSame('Picture 1', Pages::block(new Node('b', 'picture'), Pages::ink())->data['alt']);
    }

    /** @return iterable<string, array{Node}> */
    public static function empty(): iterable
    {
        yield 'price' => [new Node('b', 'price')];
        yield 'variant picker' => [new Node('b', 'variant-picker')];
        yield 'buy' => [new Node('b', 'buy')];
        yield 'short description' => [new Node('b', 'short-description')];
        yield 'description' => [new Node('b', 'description')];
        yield 'rating' => [new Node('b', 'rating')];
        yield 'breadcrumbs' => [new Node('b', 'breadcrumbs', ['home' => false])];
        yield 'heading' => [new Node('b', 'heading', ['text' => ''])];
        yield 'text of spaces' => [new Node('b', 'text', ['text' => " \n "])];
        yield 'picture' => [new Node('b', 'picture')];
        yield 'holder' => [new Node('b', 'holder')];
        yield 'holder of nothing to show' => [new Node('b', 'holder', children: [new Node('c', 'rating')])];
        yield 'tabs' => [new Node('b', 'tabs')];
        yield 'tabs of nothing to show' =>
            [new Node('b', 'tabs', children: [new Node('c', 'tab', children: [new Node('d', 'description')])])];
        yield 'switched off' => [new Node('b', 'spacer', when: ['off' => true])];
    }

    #[DataProvider('empty')]
    public function test_a_block_without_anything_to_show_says_why(Node $block): void
    {
        self::assertNotSame('', (string) Pages::block($block, Pages::bare())->absent);
    }

    public function test_a_tab_without_anything_to_show_is_left_out(): void
    {
        $tabs = new Node('b', 'tabs', children: [
            new Node('t1', 'tab', ['title' => 'Story'], children: [new Node('d', 'description')]),
            new Node('t2', 'tab', ['title' => 'Delivery'], children: [new Node('x', 'text')]),
        ]);

        self::assertSame([['id' => 't2', 'title' => 'Delivery']], Pages::block($tabs, Pages::bare())->data['tabs']);
        self::assertSame(
            ['Story', 'Delivery'],
            array_column((array) Pages::block($tabs, Pages::ink())->data['tabs'], 'title'),
        );
    }

    public function test_a_holder_shows_while_anything_in_it_does(): void
    {
        $holder = new Node('b', 'holder', children: [new Node('c', 'rating'), new Node('d', 'title')]);

        self::assertNull(Pages::block($holder, Pages::bare())->absent);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<mixed>
     */
    /**
     * @return iterable<string, array{Node, string, string}> a block whose words were taken out, what holds them, and
     *     what stands there
     */
    public static function unnamed(): iterable
    {
        $words = static fn (string $id): array => [new Node($id, 'text', ['text' => 'Words'])];
        foreach (['', ' '] as $none) {
            yield "buy “{$none}”" => [new Node('b', 'buy', ['label' => $none]), 'label', 'Add to cart'];
            yield "the second button “{$none}”" =>
                [new Node('b', 'buy', ['buyNow' => true, 'buyNowLabel' => $none]), 'buyNow', 'Buy now'];
            yield "pop-up “{$none}”" =>
                [new Node('b', 'pop-up', ['label' => $none], children: $words('w')), 'label', 'Size guide'];
            yield "title of a pop-up “{$none}”" =>
                [new Node('b', 'pop-up', ['title' => $none], children: $words('w')), 'title', 'Size guide'];
            yield "fold “{$none}”" =>
                [new Node('b', 'fold', ['title' => $none], children: $words('w')), 'title', 'Fold'];
            yield "tab “{$none}”" => [new Node('b', 'tab', ['title' => $none], children: $words('w')), 'title', 'Tab'];
        }
    }

    #[DataProvider('unnamed')]
    public function test_what_can_be_pressed_is_never_without_words(Node $block, string $name, string $words): void
    {
        self::assertSame($words, Pages::block($block, Pages::ink())->data[$name] ?? null);
    }

    public function test_words_that_may_be_left_out_are(): void
    {
        foreach ([' ', "\n ", "\u{a0}"] as $none) {
            foreach (['heading', 'text', 'note', 'quote'] as $kind) {
                self::assertNotNull(
                    Pages::block(new Node('b', $kind, ['text' => $none]), Pages::ink())->absent,
                    "$kind with spaces alone",
                );
            }
        }
        self::assertSame(
            '',
            Pages::block(
                new Node(
                    'b',
                    'questions',
                    ['title' => ''],
                    children: [new Node('f', 'fold', children: [new Node('w', 'text', ['text' => 'Words'])])],
                ),
                Pages::ink(),
            )->data['title']
                ?? null,
        );
        self::assertNotNull(
            Pages::block(new Node('b', 'button', ['text' => ' ', 'link' => '/c/inks']), Pages::ink())->absent,
        );
    }

    private static function some(array $data, string ...$names): array
    {
        return array_map(static fn (string $name): mixed => $data[$name], array_values($names));
    }
}
