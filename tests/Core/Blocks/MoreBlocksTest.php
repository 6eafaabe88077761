<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Templates\Node;

/** What the blocks that reassure, say, arrange and lead on come to, and when they have nothing to show. */
final class MoreBlocksTest extends TestCase
{
    public function test_rich_text_is_made_safe_and_carries_the_products_own_values(): void
    {
        $html = '<p>Made by <span data-value="product.brand">brand</span>, <span data-value="product.fact" '
            .'data-of="2">Nib width</span>.</p><script>x()</script>';

        self::assertSame('<p>Made by Ostrelve, 0.4 mm.</p>', $this->rich(['text' => $html], self::withFacts()));
        self::assertSame('<p>Made by , .</p>', $this->rich(['text' => $html], Pages::bare()));
    }

    public function test_a_value_that_stands_in_rich_text_is_words_and_never_marks(): void
    {
        self::assertSame(
            '<p>Teal Tide &lt;b&gt;ink&lt;/b&gt;</p>',
            $this->rich(['text' => '<p><span data-value="product.title">title</span></p>'], Pages::ink()),
        );
    }

    public function test_rich_text_from_a_fact_stands_only_where_there_is_some(): void
    {
        $care = ['text' => ['source' => 'product.fact', 'of' => 1]];

        self::assertSame('<p>Rinse with <em>cold</em> water.</p>', $this->rich($care, self::withFacts()));
        self::assertSame('this product has no “Care”', $this->absent('rich-text', $care, Pages::ink()));
        self::assertSame(
            'Keep it dry.',
            $this->rich(
                ['text' => ['source' => 'product.fact', 'of' => 1, 'otherwise' => 'Keep it dry.']],
                Pages::ink(),
            ),
        );
    }

    public function test_nothing_but_marks_is_no_words(): void
    {
        self::assertSame('no words', $this->absent('rich-text', ['text' => '<p> </p>'], Pages::ink()));
        self::assertNotNull($this->absent('html', ['html' => '<p></p>'], Pages::ink()));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function sources(): iterable
    {
        yield 'title' => [['source' => 'product.title'], 'Teal Tide <b>ink</b>'];
        yield 'short description' => [['source' => 'product.short-description'], 'Blue-green.'];
        yield 'description without its marks' => [['source' => 'product.description'], 'Flows.'];
        yield 'brand' => [['source' => 'product.brand'], 'Ostrelve'];
        yield 'category' => [['source' => 'product.category'], 'Shimmer'];
        yield 'SKU of the chosen variant' => [['source' => 'product.sku'], 'TT-1'];
        yield 'price of the chosen variant' => [['source' => 'product.price'], '£9.50'];
        yield 'number with its unit' => [['source' => 'product.fact', 'of' => 2], '0.4 mm'];
        yield 'rich text without its marks' => [['source' => 'product.fact', 'of' => 1], 'Rinse with cold water.'];
        yield 'several values' => [['source' => 'product.fact', 'of' => 3], 'Desk, Travel'];
        yield 'a date' => [['source' => 'product.fact', 'of' => 4], '16 August 2013'];
        yield 'the chosen option' => [['source' => 'product.option', 'of' => 2], '30 ml'];
        yield 'the shop' => [['source' => 'shop.name'], 'Larkfold'];
        yield 'a fact that is not filled' => [['source' => 'product.fact', 'of' => 9, 'otherwise' => 'none'], 'none'];
        yield 'no collection' => [['source' => 'product.collection', 'otherwise' => 'none'], 'none'];
    }

    /** @param  array<string, mixed>  $source */
    #[DataProvider('sources')]
    public function test_where_words_come_from(array $source, string $words): void
    {
        self::assertSame(
            $words,
            Pages::block(new Node('b', 'text', ['text' => $source]), self::withFacts())->data['text'] ?? null,
        );
    }

    public function test_the_second_picture_and_the_products_page_are_sources_too(): void
    {
        self::assertSame(
            2,
            Pages::block(
                new Node('b', 'picture', ['picture' => ['source' => 'product.other-picture']]),
                Pages::ink(),
            )->data['id'],
        );
        self::assertSame(
            '/p/teal-tide',
            Pages::block(new Node('b', 'button', ['link' => ['source' => 'product.link']]), Pages::ink())->data['link'],
        );
        self::assertSame(
            '/c/shimmer',
            Pages::block(
                new Node('b', 'button', ['link' => ['source' => 'product.category-link']]),
                Pages::ink(),
            )->data['link'],
        );
        self::assertNotNull($this->absent('button', ['link' => ['source' => 'product.category-link']], Pages::bare()));
    }

    public function test_badges_are_those_that_fit_the_chosen_variant(): void
    {
        self::assertSame(
            ['sale' => 'Save 20 %', 'low' => 'Only 3 left'],
            Pages::block(new Node('b', 'badges'), Pages::ink(), [1 => 12])->data['badges'],
        );
        self::assertSame(
            ['out' => 'Sold out'],
            Pages::block(new Node('b', 'badges'), Pages::ink(), [2 => 22])->data['badges'],
        );
        self::assertSame(
            ['low' => 'Only 9 left'],
            Pages::block(new Node('b', 'badges', ['lowStock' => 9, 'badges' => ['low']]), Pages::ink())->data['badges'],
        );
        self::assertSame('no badge fits this product', $this->absent('badges', [], Pages::bare()));
    }

    public function test_new_ends_to_the_second(): void
    {
        $added = static fn (string $at): Product =>
            new Product(9, 'new', 'New', '', '', true, addedAt: new DateTimeImmutable($at));

        self::assertSame(
            ['new' => 'New'],
            Pages::block(new Node('b', 'badges', ['newDays' => 1]), $added('2026-11-23 12:00:01'))->data['badges'],
        );
        self::assertNotNull($this->absent('badges', ['newDays' => 1], $added('2026-11-23 12:00:00')));
    }

    public function test_stock_in_words_and_as_a_bar(): void
    {
        $stock = static fn (?int $count): array => self::some(
            Pages::block(new Node('b', 'stock'), self::one(new Variant(1, 'S', [], 100, stock: $count)))->data,
            'words',
            'state',
            'share',
        );

        self::assertSame(['In stock', 'in', null], $stock(null));
        self::assertSame(['In stock', 'in', 45], $stock(9));
        self::assertSame(['Only 5 left', 'low', 25], $stock(5));
        self::assertSame(['In stock', 'in', 100], $stock(400));
        self::assertSame(['Sold out', 'out', 0], $stock(0));
        self::assertSame(['Sold out', 'out', 0], $stock(-2));
        self::assertSame('this product has no variant', $this->absent('stock', [], Pages::bare()));
    }

    public function test_codes_leave_out_what_is_not_there(): void
    {
        $with = self::one(new Variant(1, 'S-1', [], 100, barcode: '4006381333931'));
        $data = Pages::block(new Node('b', 'codes'), $with)->data;

        self::assertSame([['codes.sku', 'S-1'], ['codes.barcode', '4006381333931']], $data['rows']);
        self::assertSame([0, 1], ((array) $data['bars'])[0]);
        self::assertSame(30, count((array) $data['bars']));
        self::assertSame([], Pages::block(new Node('b', 'codes', ['codes' => ['sku']]), $with)->data['bars']);
        self::assertSame(
            [['codes.sku', 'TT-1'], ['codes.categories', 'Shimmer']],
            Pages::block(new Node('b', 'codes'), Pages::ink())->data['rows'],
        );
        self::assertNotNull($this->absent('codes', [], Pages::bare()));
    }

    public function test_the_facts_table_leaves_long_texts_to_other_blocks(): void
    {
        $short = Pages::block(new Node('b', 'facts-table'), self::withFacts())->data['rows'];
        $all = Pages::block(new Node('b', 'facts-table', ['which' => 'all']), self::withFacts())->data['rows'];

        self::assertSame(
            [['Nib width', '0.4 mm', []], ['Use', 'Desk, Travel', []], ['First made', '16 August 2013', []]],
            $short,
        );
        self::assertContains(['Care', 'Rinse with cold water.', []], (array) $all);
        self::assertNotNull($this->absent('facts-table', [], Pages::ink()));
    }

    /** @return iterable<string, array{array<string, string>, string, string|null}> */
    public static function hours(): iterable
    {
        $day = ['to' => 'day', 'day' => '2026-11-24'];
        yield 'an hour of a day' => [$day + ['hour' => '17:30'], '2026-11-24 12:00:00', '2026-11-24T17:30:00Z'];
        yield 'which is over' => [$day + ['hour' => '17:30'], '2026-11-24 17:30:00', null];
        yield 'no hour: the end of the day' => [$day + ['hour' => ''], '2026-11-24 17:30:00', '2026-11-25T00:00:00Z'];
        yield 'an hour of no day' => [['to' => 'day', 'hour' => '17:30'], '2026-11-24 12:00:00', null];
        $daily = ['to' => 'daily', 'hour' => '14:00'];
        yield 'an hour of every day, today' => [$daily, '2026-11-24 13:59:59', '2026-11-24T14:00:00Z'];
        yield 'and tomorrow' => [$daily, '2026-11-24 14:00:00', '2026-11-25T14:00:00Z'];
        yield 'in summer the shop’s clock is an hour ahead' => [$daily, '2026-07-01 12:30:00', '2026-07-01T13:00:00Z'];
        $night = ['to' => 'daily', 'hour' => '00:15'];
        yield 'and so is its day' => [$night, '2026-07-01 23:10:00', '2026-07-01T23:15:00Z'];
        yield 'where it is tomorrow already' => [$night, '2026-07-01 23:20:00', '2026-07-02T23:15:00Z'];
        yield 'over the night in which clocks go back' => [$daily, '2026-10-24 13:30:00', '2026-10-25T14:00:00Z'];
        yield 'no hour' => [['to' => 'daily'], '2026-11-24 12:00:00', null];
    }

    /** @param  array<string, string>  $what */
    #[DataProvider('hours')]
    public function test_a_countdown_counts_to_an_hour_of_the_shop(array $what, string $now, ?string $until): void
    {
        $block = Pages::block(new Node('b', 'countdown', $what), Pages::ink(), now: $now);

        self::assertSame($until, $block->absent === null ? $block->data['until'] : null);
        self::assertSame($until === null ? null : (new DateTimeImmutable($until))->getTimestamp(), $block->until);
    }

    public function test_another_picture_stands_on_narrow_screens(): void
    {
        $one = static fn (array $what): array => (array) Pages::block(
            new Node('b', 'picture', ['picture' => 50] + $what),
            Pages::ink(),
        )->data['narrow'];

        self::assertSame([], $one([]));
        self::assertSame(
            [
                'sources' => [[
                    'media' => '(max-width:639px)', 'avif' => false,
                    'srcset' => '/pictures/file50-400.webp 400w, /pictures/file50-800.webp 800w',
                    'sizes' => 'calc(100vw - 32px)',
                    'width' => 800, 'height' => 600,
                ]],
                'focus' => 'phone-focus-x2 phone-focus-y2',
            ],
            $one(['narrowPicture' => 50]),
        );
        $both = $one(['narrowPicture' => 50, 'narrowOn' => 'tablet']);
        self::assertSame('tablet-focus-x2 tablet-focus-y2', $both['focus']);
        self::assertSame(['(max-width:899px)'], array_column((array) $both['sources'], 'media'));
    }

    public function test_a_pattern_is_as_wide_as_somebody_says_and_else_no_wider_than_its_picture(): void
    {
        $wide = static fn (array $what): mixed => Pages::band(
            new Node('band', 'band', ['picture' => 50, 'fit' => 'pattern'] + $what),
            Pages::ink(),
        )->data['patternWidth'];

        self::assertSame(400, $wide([]));
        self::assertSame(64, $wide(['patternWidth' => 64]));
        self::assertSame(900, $wide(['patternWidth' => 900]));
    }

    public function test_a_countdown_ends_with_the_sale_or_with_a_day_of_the_shops_calendar(): void
    {
        $sale = self::one(new Variant(1, 'S', [], 1000, 800, saleUntil: new DateTimeImmutable('2026-11-26 15:30:00')));
        $day = static fn (string $day): Node => new Node('b', 'countdown', ['to' => 'day', 'day' => $day]);

        self::assertSame(
            ['2026-11-26T15:30:00Z', '2 days 3 hours'],
            self::some(Pages::block(new Node('b', 'countdown'), $sale)->data, 'until', 'left'),
        );
        self::assertSame(
            ['2026-11-25T00:00:00Z', '12 hours'],
            self::some(Pages::block($day('2026-11-24'), Pages::bare())->data, 'until', 'left'),
        );
        self::assertSame('2027-07-01T23:00:00Z', Pages::block($day('2027-07-01'), Pages::bare())->data['until']);
        self::assertSame('the day is over', Pages::block($day('2026-11-23'), Pages::bare())->absent);
        self::assertNotNull($this->absent('countdown', [], Pages::ink()));
        self::assertSame('no day is set', Pages::block($day(''), Pages::bare())->absent);
    }

    public function test_picked_products_are_those_that_can_be_seen_and_not_the_product_itself(): void
    {
        $titles = static fn (array $ids): array => Pages::titles(
            Pages::block(new Node('b', 'product-grid', ['feed' => 'chosen', 'products' => $ids]), Pages::ink()),
        );

        self::assertSame(['Product 3', 'Product 1'], $titles([3, 7, 1]));
        self::assertSame(
            'none of the picked products can be seen in the shop',
            $this->absent('product-grid', ['feed' => 'chosen', 'products' => [99]], Pages::ink()),
        );
        self::assertSame(
            'no products are picked',
            $this->absent('product-grid', ['feed' => 'chosen', 'products' => [7]], Pages::ink()),
        );
    }

    public function test_reviews_stand_in_the_wanted_order_and_number(): void
    {
        $authors = static fn (array $what): array => array_column(
            (array) Pages::block(new Node('b', 'reviews', $what), Pages::ink())->data['reviews'],
            'author',
        );

        self::assertSame(['A', 'B'], $authors([]));
        self::assertSame(['B'], $authors(['sort' => 'lowest', 'most' => 1]));
        self::assertNotNull($this->absent('reviews', [], Pages::bare()));
        self::assertSame(
            '/p/bare/reviews',
            Pages::block(new Node('b', 'reviews', ['none' => 'form']), Pages::bare())->data['form'],
        );
        self::assertNotNull($this->absent('reviews', ['none' => 'form', 'form' => false], Pages::bare()));
    }

    public function test_pictures_in_the_picker_only_where_every_value_has_one(): void
    {
        $options = [
            new Option(1, 'Colour', [new OptionValue(11, 'Teal', '#0f6f74'), new OptionValue(12, 'Plum', '#7a1f3d')]),
        ];
        $product = static fn (?int $second): Product => new Product(
            9, 'p', 'P', '', '', true, options: $options,
            variants: [
                new Variant(1, 'a', [1 => 11], 100, pictureId: 1),
                new Variant(2, 'b', [1 => 12], 100, pictureId: $second),
            ],
            pictures: [Pages::pictureNumber(1), Pages::pictureNumber(2)],
        );
        $picker = static fn (?int $second) =>
            Pages::block(new Node('b', 'variant-picker', ['colours' => 'pictures']), $product($second));

        self::assertSame(['pictures', null], [((array) $picker(2)->data['options'])[0]['look'], $picker(2)->note]);
        self::assertSame('swatches', ((array) $picker(null)->data['options'])[0]['look']);
        self::assertSame('Colour: not every value has a picture, so it falls back', $picker(null)->note);
    }

    public function test_holders_of_blocks_are_absent_when_nothing_in_them_shows(): void
    {
        $nothing = new Node('n', 'short-description');
        $something = new Node('s', 'title');
        foreach ([
            'accordion' => 'fold', 'questions' => 'fold', 'carousel' => null, 'pop-up' => null,
        ] as $kind => $between) {
            $holding = static fn (Node $inside): Node => new Node(
                'b',
                $kind,
                children: [$between === null ? $inside : new Node('f', $between, children: [$inside])],
            );

            self::assertNotNull(Pages::block($holding($nothing), Pages::bare())->absent, $kind);
            self::assertNull(Pages::block($holding($something), Pages::bare())->absent, $kind);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string|null}> */
    public static function appearances(): iterable
    {
        $sale = ['field' => 'sale', 'comparison' => 'isOn', 'values' => []];
        $stock = ['field' => 'stock', 'comparison' => 'isIn', 'values' => []];
        yield 'always' => [[], null];
        yield 'switched off' => [['off' => true, 'days' => ['to' => '2020-01-01']], 'switched off'];
        yield 'a condition that holds' => [['where' => [$sale]], null];
        yield 'one that does not' => [['where' => [$sale, $stock]], 'appears only where stock isIn'];
        yield 'from today on' => [['days' => ['from' => '2026-11-24']], null];
        yield 'from tomorrow on' => [['days' => ['from' => '2026-11-25']], 'appears from 25 November 2026 on'];
        yield 'until the end of today' => [['days' => ['to' => '2026-11-24']], null];
        yield 'until yesterday' => [['days' => ['to' => '2026-11-23']], 'appeared until 23 November 2026'];
    }

    /** @param  array<string, mixed>  $when */
    #[DataProvider('appearances')]
    public function test_when_a_block_appears(array $when, ?string $absent): void
    {
        self::assertSame($absent, Pages::block(new Node('b', 'title', when: $when), Pages::ink())->absent);
    }

    public function test_days_begin_and_end_at_midnight_of_the_shop_to_the_second(): void
    {
        $at = static fn (array $days, string $now): ?string =>
            Pages::block(new Node('b', 'title', when: ['days' => $days]), Pages::ink(), [], $now)->absent;

        self::assertNull($at(['from' => '2026-11-25'], '2026-11-25 00:00:00'));
        self::assertNotNull($at(['from' => '2026-11-25'], '2026-11-24 23:59:59'));
        self::assertNull($at(['to' => '2026-07-25'], '2026-07-25 22:59:59'));
        self::assertNotNull($at(['to' => '2026-07-25'], '2026-07-25 23:00:00'));
        $countdown = static fn (string $now): ?string => Pages::block(
            new Node('b', 'countdown', ['to' => 'day', 'day' => '2026-11-24']),
            Pages::bare(),
            [],
            $now,
        )->absent;
        self::assertNull($countdown('2026-11-24 23:59:59'));
        self::assertSame('the day is over', $countdown('2026-11-25 00:00:00'));
    }

    /** @param  array<string, mixed>  $what */
    private function rich(array $what, Product $product): mixed
    {
        return Pages::block(new Node('b', 'rich-text', $what), $product)->data['html'] ?? null;
    }

    /** @param  array<string, mixed>  $what */
    private function absent(string $kind, array $what, Product $product): ?string
    {
        return Pages::block(new Node('b', $kind, $what), $product)->absent;
    }

    private static function withFacts(): Product
    {
        $ink = Pages::ink();
        $facts = array_filter([
            FactValue::of(new Fact(1, 'Care', FactKind::RichText), ['<p>Rinse with <em>cold</em> water.</p>']),
            FactValue::of(new Fact(2, 'Nib width', FactKind::Number, 'mm', 1), ['0.4']),
            FactValue::of(new Fact(3, 'Use', FactKind::Several), ['Desk', 'Travel']),
            FactValue::of(new Fact(4, 'First made', FactKind::Date), ['2013-08-16']),
        ]);

        return new Product(
            $ink->id, $ink->slug, $ink->title, $ink->shortDescription, $ink->description, true, $ink->brand,
            $ink->mainCategoryId,
            $ink->categoryIds, options: $ink->options, variants: $ink->variants, pictures: $ink->pictures,
            facts: array_values($facts),
        );
    }

    private static function one(Variant $variant): Product
    {
        return new Product(9, 'one', 'One', '', '', true, variants: [$variant]);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<mixed>
     */
    private static function some(array $data, string ...$names): array
    {
        return array_map(static fn (string $name): mixed => $data[$name] ?? null, array_values($names));
    }
}
