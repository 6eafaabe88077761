<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\ListFilter;
use Vestibra\Core\Composing\ListFilterValue;
use Vestibra\Core\Composing\ListNarrowing;
use Vestibra\Core\Templates\Node;

/** What filters beside a list show, in which order, and when they are left out. */
final class FilterBlocksTest extends TestCase
{
    public function test_values_are_shown_with_how_many_there_would_be(): void
    {
        $data = self::filter(['by' => 'brand'], self::brands())->data;

        self::assertSame(
            [['Brindlace', 4, false], ['Hallorme', 12, true]],
            array_map(
                static fn (array $value): array => [$value['label'], $value['count'], $value['chosen']],
                $data['values'],
            ),
        );
        self::assertSame(['Brand', 'brand', 'boxes', true, true], [
            $data['title'], $data['parameter'], $data['as'], $data['counts'], $data['on'],
        ]);
        self::assertSame('Makers', self::filter(['by' => 'brand', 'title' => 'Makers'], self::brands())->data['title']);
        self::assertSame(
            '',
            self::filter(['by' => 'brand', 'titled' => false, 'title' => 'Makers'], self::brands())->data['title'],
        );
    }

    public function test_what_leads_nowhere_is_left_out_greyed_or_last(): void
    {
        $shown = static fn (string $nowhere): array => array_map(
            static fn (array $value): array => [$value['label'], $value['nowhere']],
            self::filter(['by' => 'brand', 'nowhere' => $nowhere], self::brands())->data['values'],
        );

        self::assertSame([['Brindlace', false], ['Hallorme', false]], $shown('out'));
        self::assertSame([['Aldermay', true], ['Brindlace', false], ['Hallorme', false]], $shown('grey'));
        self::assertSame([['Brindlace', false], ['Hallorme', false], ['Aldermay', true]], $shown('last'));
    }

    public function test_the_orders(): void
    {
        $order = static fn (string $order, ListFilter $of): array => array_column(
            self::filter(['by' => 'option', 'option' => 3, 'order' => $order], $of)->data['values'],
            'label',
        );
        $sizes = self::option('XL', 'S', 'M', 'XXL');

        self::assertSame(['S', 'M', 'XL', 'XXL'], $order('natural', $sizes));
        self::assertSame(['XL', 'S', 'M', 'XXL'], $order('defined', $sizes));
        self::assertSame(['2 ml', '10 ml', '100 ml'], $order('natural', self::option('100 ml', '2 ml', '10 ml')));
        self::assertSame(
            ['Extra fine', 'Medium', 'Broad'],
            $order('natural', self::option('Extra fine', 'Medium', 'Broad')),
            'Among words a medium nib is no size of clothes.',
        );
        self::assertSame(['XXL', 'M', 'S', 'XL'], $order('count', $sizes));
    }

    public function test_of_very_many_values_two_hundred_stand_there_what_is_chosen_too_and_the_rest_is_said(): void
    {
        $values = array_map(
            static fn (int $n): ListFilterValue => new ListFilterValue($n, "$n ml", "$n-ml", 1, $n === 255, place: $n),
            range(1, 260),
        );
        $data = self::filter(
            ['by' => 'option', 'option' => 3, 'most' => 0],
            new ListFilter('option.3', 'Size', 'size', $values),
        )->data;

        self::assertSame([201, 59], [count($data['values']), $data['left']]);
        self::assertSame('255 ml', $data['values'][200]['label']);
        self::assertSame(0, self::filter(['by' => 'brand'], self::brands())->data['left']);
    }

    public function test_among_many_values_one_is_found_by_its_name_and_what_is_chosen_stays(): void
    {
        $brands = static fn (int $many, string $sought): array => self::filter(
            ['by' => 'brand', 'order' => 'defined'],
            new ListFilter('brand', 'Brand', 'brand', array_map(
                static fn (int $n): ListFilterValue =>
                    new ListFilterValue($n, "Mühle No. $n", "m-$n", $n === 12 ? 0 : 1, $n === 7, place: $n),
                range(1, $many),
            ), sought: $sought),
        )->data;
        $shown = static fn (array $data): array => array_column([...$data['values'], ...$data['more']], 'id');

        self::assertFalse($brands(40, '')['find'], 'Forty are seen at a glance.');
        self::assertTrue($brands(41, '')['find']);
        $found = $brands(500, 'MÜHLE 49');
        self::assertSame([7, 49, 149, 249, 349, 449, 490], array_slice($shown($found), 0, 7));
        self::assertSame([true, [], 'MÜHLE 49', 0, 15], [
            $found['find'], $found['more'], $found['sought'], $found['left'], $found['called'],
        ]);
        self::assertCount(40, $brands(500, 'no')['values'], 'Those that are found need no fold, but for very many.');
        self::assertSame([[7], 0], [$shown($brands(30, 'mill')), $brands(30, 'mill')['called']]);
        self::assertSame([7], $shown($brands(30, '12')), 'What leads nowhere is not found either.');
        self::assertSame([200, 299, true], [
            count($shown($brands(500, 'no'))), $brands(500, 'no')['left'], $brands(20, 'no')['find'],
        ]);
    }

    public function test_a_filter_stays_while_nothing_in_it_is_called_what_is_looked_for(): void
    {
        $filter = new ListFilter(
            'brand',
            'Brand',
            'brand',
            [self::value(1, 'Aldermay', 3), self::value(2, 'Hallorme', 4)],
            sought: 'ink',
        );

        self::assertNull(self::filter(['by' => 'brand'], $filter)->absent);
        self::assertSame(0, self::filter(['by' => 'brand'], $filter)->data['called']);
    }

    public function test_after_so_many_values_there_is_a_fold_which_is_open_where_something_in_it_is_chosen(): void
    {
        $many = self::option(...array_map(static fn (int $n): string => "$n ml", range(1, 12)));
        $data = self::filter(['by' => 'option', 'option' => 3, 'most' => 5], $many)->data;
        self::assertSame([5, 7, false], [count($data['values']), count($data['more']), $data['moreOpen']]);
        $all = self::filter(['by' => 'option', 'option' => 3, 'most' => 0], $many)->data;
        self::assertSame([12, 0], [count($all['values']), count($all['more'])]);
        $chosen = new ListFilter(
            'option.3',
            'Size',
            'size-o3',
            array_map(
                static fn (ListFilterValue $one): ListFilterValue =>
                    new ListFilterValue($one->id, $one->label, $one->written, 1, $one->id === 12, $one->place),
                $many->values,
            ),
        );
        self::assertTrue(self::filter(['by' => 'option', 'option' => 3, 'most' => 5], $chosen)->data['moreOpen']);
    }

    public function test_one_value_more_than_stands_there_at_first_is_not_worth_a_fold(): void
    {
        $nine = self::option(...array_map(static fn (int $n): string => "$n ml", range(1, 9)));

        self::assertSame(
            [9, 0],
            array_map(
                static fn (string $part): int =>
                    count(self::filter(['by' => 'option', 'option' => 3, 'most' => 8], $nine)->data[$part]),
                ['values', 'more'],
            ),
        );
    }

    public function test_a_very_long_list_has_an_end(): void
    {
        $many = self::option(...array_map(static fn (int $n): string => "$n ml", range(1, 250)));

        self::assertCount(200, self::filter(['by' => 'option', 'option' => 3, 'most' => 0], $many)->data['values']);
    }

    public function test_categories_stand_beneath_one_another_unless_they_are_put_in_another_order(): void
    {
        $categories = new ListFilter('category', 'Category', 'category', [
            self::value(1, 'Pens', 9),
            new ListFilterValue(2, 'Fountain pens', 'fountain-2', 4, false, 2, depth: 1),
        ]);
        $depths = static fn (string $order): array =>
            array_column(self::filter(['by' => 'category', 'order' => $order], $categories)->data['values'], 'depth');

        self::assertSame([[0, 1], [0, 0]], [$depths('natural'), $depths('count')]);
    }

    public function test_what_is_chosen_can_be_taken_off_though_it_leads_nowhere(): void
    {
        $chosen = self::filter(
            ['by' => 'brand', 'nowhere' => 'grey'],
            new ListFilter('brand', 'Brand', 'brand', [
                self::value(1, 'Hallorme', 0, true),
                self::value(2, 'Aldermay', 0),
            ]),
        )->data['values'];

        self::assertSame(
            [['Aldermay', true], ['Hallorme', false]],
            array_map(static fn (array $value): array => [$value['label'], $value['nowhere']], $chosen),
        );
    }

    public function test_what_shows_the_products_of_the_page_follows_them_and_nothing_else_does(): void
    {
        $page = static fn (Node ...$blocks): array => array_map(
            static fn (ComposedNode $node): string => $node->id,
            iterator_to_array(ListingBlocksTest::page(...$blocks)->following(), false),
        );
        $hidden = new Node('shut', 'holder', when: ['off' => true], children: [new Node('grid2', 'product-grid')]);

        self::assertSame(
            ['grid', 'filters'],
            $page(
                new Node('words', 'heading'),
                new Node('grid', 'product-grid'),
                new Node('byrule', 'product-grid', ['feed' => 'rule']),
                new Node('filters', 'filters', children: [new Node('inside', 'filter')]),
                $hidden,
            ),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, ListFilter|null, string}> */
    public static function leftOut(): iterable
    {
        yield 'no value' => [
            ['by' => 'brand'],
            new ListFilter('brand', 'Brand', 'brand'),
            'Brand is left out: no product here has a value of it',
        ];
        yield 'one value' => [
            ['by' => 'brand'],
            new ListFilter('brand', 'Brand', 'brand', [self::value(1, 'Hallorme', 9)]),
            'Brand is left out: “Hallorme” is its only value here',
        ];
        yield 'nothing rated' => [
            ['by' => 'rating'],
            new ListFilter('rating', 'Rating', 'rating'),
            'Rating is left out: nothing here is rated',
        ];
        yield 'one price' => [
            ['by' => 'price'],
            new ListFilter('price', 'Price', 'price', bounds: [500, 500]),
            'Price is left out: all products here have the same',
        ];
        yield 'no option chosen' => [['by' => 'option'], null, 'no option is chosen'];
        yield 'an option that is gone' => [['by' => 'option', 'option' => 99], null, 'the option is no longer there'];
        yield 'no fact chosen' => [['by' => 'fact'], null, 'no fact is chosen'];
        yield 'a fact that is gone' =>
            [['by' => 'fact', 'fact' => 99], null, 'the fact is no longer there, or is of a kind that is no filter'];
    }

    /** @param  array<string, mixed>  $what */
    #[DataProvider('leftOut')]
    public function test_a_filter_with_nothing_to_choose_from_is_left_out_and_says_so(
        array $what,
        ?ListFilter $filter,
        string $why,
    ): void {
        self::assertSame($why, self::filter($what, $filter)->absent);
    }

    public function test_what_is_on_stays_though_it_has_one_value(): void
    {
        self::assertNull(
            self::filter(
                ['by' => 'brand'],
                new ListFilter('brand', 'Brand', 'brand', [self::value(1, 'Hallorme', 0, true)]),
            )->absent,
        );
        self::assertNull(
            self::filter(
                ['by' => 'price'],
                new ListFilter('price', 'Price', 'price', bounds: [500, 500], ends: [100, null], decimals: 2),
            )->absent,
        );
    }

    public function test_of_two_sides_one_is_offered(): void
    {
        $stock = new ListFilter('stock', 'Stock', 'stock', [
            self::value(1, 'In stock', 7),
            self::value(2, 'Sold out', 2),
        ]);

        self::assertSame(['In stock'], array_column(self::filter(['by' => 'stock'], $stock)->data['values'], 'label'));
    }

    public function test_a_range_has_its_ends_and_bounds_as_people_write_them(): void
    {
        $price = new ListFilter('price', 'Price', 'price', bounds: [450, 12_000], ends: [1_050, null], decimals: 2);
        self::assertSame(
            [
                'from' => '10.50', 'to' => '', 'least' => '4.50', 'most' => '120', 'unit' => '£', 'isDate' => false,
                'slider' => true, 'step' => '0.01', 'isMoney' => true,
            ],
            self::filter(['by' => 'price'], $price)->data['range'],
        );
        $made =
            new ListFilter('number.8', 'First made', 'first-made-f8', bounds: [20_120_101, 20_201_231], isDate: true);
        self::assertSame(
            ['2012-01-01', '2020-12-31', true, false],
            array_values(array_intersect_key(self::filter(['by' => 'fact', 'fact' => 8], $made)->data['range'], [
                'least' => 1, 'most' => 1, 'isDate' => 1, 'slider' => 1,
            ])),
        );
    }

    public function test_swatches_without_a_colour_are_buttons_and_say_so(): void
    {
        $mixed = new ListFilter('option.3', 'Colour', 'colour-o3', [
            new ListFilterValue(1, 'Teal', 'teal-1', 3, false, swatch: '#0f6b78'),
            self::value(2, 'Clear', 3),
        ]);
        $block = self::filter(['by' => 'option', 'option' => 3, 'as' => 'swatches'], $mixed);

        self::assertSame(
            ['buttons', 'not every value has a colour, so they are buttons'],
            [$block->data['as'], $block->note],
        );
    }

    public function test_pictures_are_shown_where_every_value_has_one_and_else_buttons(): void
    {
        $pictured = static fn (?string $second): ListFilter => new ListFilter('option.3', 'Colour', 'colour-o3', [
            new ListFilterValue(1, 'Teal', 'teal-1', 3, false, picture: '/pictures/teal-160.webp'),
            new ListFilterValue(2, 'Clear', 'clear-2', 3, false, picture: $second),
        ]);
        $what = ['by' => 'option', 'option' => 3, 'as' => 'pictures'];
        $block = self::filter($what, $pictured('/pictures/clear-160.webp'));

        self::assertSame(
            ['pictures', null, '/pictures/teal-160.webp'],
            [$block->data['as'], $block->note, $block->data['values'][0]['picture'] ?? null],
        );
        self::assertSame(
            ['buttons', 'not every value has a picture, so they are buttons'],
            [($lacking = self::filter($what, $pictured(null)))->data['as'], $lacking->note],
        );
    }

    public function test_what_is_on_can_be_taken_off(): void
    {
        $chips = [['filter' => 'brand', 'words' => 'Brand: Hallorme', 'address' => '?']];
        $listed = new Listed([], 3, 1, 1, 'new', [], narrowed: new ListNarrowing([], $chips, '?sort=cheap'));

        self::assertSame(
            ['chips' => $chips, 'clear' => '?sort=cheap'],
            ListingBlocksTest::block(new Node('b', 'chosen-filters'), listed: $listed)->data,
        );
        self::assertSame(
            'nothing is filtered here',
            ListingBlocksTest::block(
                new Node('b', 'chosen-filters'),
                listed: new Listed([], 3, 1, 1, 'new', []),
            )->absent,
        );
    }

    public function test_where_nothing_is_left_the_list_says_without_what_there_is_something(): void
    {
        $narrowed = new ListNarrowing(
            [],
            [['filter' => 'brand', 'words' => 'Brand: Hallorme', 'address' => '?']],
            '?',
            $giveUp = ['names' => ['Brand: Hallorme'], 'products' => 12, 'address' => '?'],
        );
        $grid = ListingBlocksTest::block(
            new Node('b', 'product-grid'),
            listed: new Listed([], 0, 1, 1, 'new', [], narrowed: $narrowed),
        );

        self::assertSame([$giveUp, '?'], [$grid->data['giveUp'], $grid->data['clear']]);
    }

    private static function brands(): ListFilter
    {
        return new ListFilter('brand', 'Brand', 'brand', [
            self::value(1, 'Hallorme', 12, true),
            self::value(2, 'Aldermay', 0),
            self::value(3, 'Brindlace', 4),
        ]);
    }

    private static function option(string ...$labels): ListFilter
    {
        return new ListFilter(
            'option.3',
            'Size',
            'size-o3',
            array_map(
                static fn (string $label, int $at): ListFilterValue =>
                    new ListFilterValue($at + 1, $label, (string) $at, $at + 1, false, $at),
                array_values($labels),
                array_keys(array_values($labels)),
            ),
        );
    }

    private static function value(int $id, string $label, int $count, bool $chosen = false): ListFilterValue
    {
        return new ListFilterValue($id, $label, mb_strtolower($label)."-$id", $count, $chosen, $id);
    }

    /** @param  array<string, mixed>  $what */
    private static function filter(array $what, ?ListFilter $filter): ComposedNode
    {
        return ListingBlocksTest::block(
            new Node('b', 'filter', $what),
            listed: new Listed(
                [],
                9,
                1,
                1,
                'new',
                [],
                narrowed: new ListNarrowing($filter === null ? [] : [$filter->key => $filter]),
            ),
        );
    }
}
