<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Words;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Words\ProductWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\Season;
use Vestibra\Tests\App\TestCase;

/** Rules and products in the shopkeeper's words. */
final class ReachWordsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, list<mixed>, string, string}> field, comparison, values or names,
     *     the sentence, what Teal Tide is like
     */
    public static function sentences(): iterable
    {
        yield 'category' => [
            'category',
            'isIn',
            ['categories:Bottled inks', 'categories:Pens'],
            'category is in Pens or Bottled inks',
            'It is filed in Bottled inks.',
        ];
        yield 'brand' => [
            'brand', 'isNoneOf', ['brands:Hallorme'], 'brand is none of Hallorme', 'Its brand is Ostrelve.',
        ];
        yield 'all tags' => [
            'tag', 'hasAllOf', ['tags:letters', 'tags:everyday'], 'tags are all of everyday and letters',
            'Its tags are everyday, letters.',
        ];
        yield 'deleted' => ['brand', 'isOneOf', [9999], 'brand is one of something deleted', 'Its brand is Ostrelve.'];
        yield 'product' => [
            'product', 'isOneOf', ['products:Gift card'], 'is the product Gift card', 'It is another product.',
        ];
        yield 'collection' => [
            'collection', 'isIn', ['collections:Winter letters'], 'is in the collection Winter letters',
            'It is not in that collection.',
        ];
        yield 'price' => [
            'price', 'between', [500, 1250], 'price is between £5.00 and £12.50', 'Its lowest price is £9.50.',
        ];
        yield 'sale' => ['sale', 'isOn', [], 'is on sale', 'It is not on sale.'];
        yield 'stock' => ['stock', 'atMost', [5], 'stock is at most 5', 'Its stock is not counted.'];
        yield 'option' => [
            'option', 'offers', ['options:Nib'], 'offers a choice of Nib', 'It comes as 30 ml, 50 ml, 100 ml.',
        ];
        yield 'option value' => [
            'option', 'offersValue', ['option_values:Fine'], 'offers Fine', 'It comes as 30 ml, 50 ml, 100 ml.',
        ];
        yield 'rating' => ['rating', 'atLeast', [45], 'rating is at least 4.5 stars', 'Its rating is 3.89.'];
        yield 'age' => [
            'added', 'withinDays', [30], 'was added within the last 30 days', 'It was added on 2025-10-21.',
        ];
        yield 'a day in the shop’s zone' => [
            'added', 'since', ['2026-06-30T23:00:00Z'], 'was added since 1 July 2026', 'It was added on 2025-10-21.',
        ];
        yield 'title' => [
            'title', 'contains', ['teal'], 'title contains “teal”', 'Its title is “Teal Tide bottled ink”.',
        ];
        yield 'pictures' => ['picture', 'atLeast', [4], 'number of pictures is at least 4', 'It has 3 pictures.'];
    }

    /** @param  list<mixed>  $values */
    #[DataProvider('sentences')]
    public function test_a_condition_and_what_a_product_is_like_beside_it(
        string $field,
        string $comparison,
        array $values,
        string $sentence,
        string $actual,
    ): void {
        $this->travelTo('2026-11-25T12:00:00Z');
        DB::table('products')->where('id', 1)->update(['added_at' => '2025-10-21 12:00:00']);
        $ids = array_map(
            fn (mixed $value): mixed => is_string($value) && str_contains($value, ':') && ! str_contains($value, 'T')
                ? $this->named($value)
                : $value,
            $values,
        );
        is_int($ids[0] ?? null)
            && ! in_array($field, ['price', 'stock', 'rating', 'added', 'picture'], true)
            && sort($ids);
        $condition = new Condition($field, $comparison, $ids);

        self::assertSame(
            $sentence,
            $this->app->make(ReachWords::class)->clause(Clause::of($condition), PageKind::Product),
        );
        self::assertSame(
            $actual,
            $this->app->make(ProductWords::class)->actual((new ProductReader)->byId(1) ?? self::fail(), $condition),
        );
    }

    public function test_facts_with_their_names_and_units(): void
    {
        $words = $this->app->make(ReachWords::class);
        $product = (new ProductReader)->byId(1) ?? self::fail();
        $width = new Condition('fact', 'atLeast', [4], $this->id('facts', 'Nib width'));
        self::assertSame('Nib width is at least 0.4 mm', $words->clause(Clause::of($width), PageKind::Product));
        self::assertSame('It is not filled in.', $this->app->make(ProductWords::class)->actual($product, $width));
        $made = new Condition('fact', 'between', [20200101, 20201231], $this->id('facts', 'First made'));
        self::assertSame(
            'First made is between 2020-01-01 and 2020-12-31',
            $words->clause(Clause::of($made), PageKind::Product),
        );
        $dry = new Condition('fact', 'atMost', [5], $this->id('facts', 'Drying time'));
        self::assertSame('Its Drying time is 6 s.', $this->app->make(ProductWords::class)->actual($product, $dry));
        self::assertSame(
            'a deleted fact is filled in',
            $words->clause(Clause::of(new Condition('fact', 'isFilled', [], 9999)), PageKind::Product),
        );
    }

    public function test_a_whole_reach_with_its_season_on_the_shops_clock(): void
    {
        $words = $this->app->make(ReachWords::class);
        $zone = ShopZone::of('Europe/London');
        $sentence = $words->sentence(
            new Reach([Clause::of()], [], Season::of($zone->instant('2026-07-01'), $zone->endOf('2026-07-31'))),
            [],
            PageKind::Product,
        );

        self::assertSame(
            [
                'from Wednesday 1 July 2026 00:00 until Saturday 1 August 2026 00:00',
                '2026-07-01T00:00',
                '2026-08-01T00:00',
            ],
            [$sentence['season'], $sentence['from'], $sentence['until']],
        );
        self::assertSame('every product', $words->clause(Clause::of(), PageKind::Product));
    }

    public function test_five_thousand_names_stay_a_sentence(): void
    {
        $names = ['product' => array_combine(
            range(1, 5000),
            array_map(static fn (int $id): string => "P$id", range(1, 5000)),
        )];
        $phrase = $this->app
            ->make(ReachWords::class)
            ->phrase(new Condition('product', 'isOneOf', range(1, 5000)), $names, PageKind::Product);

        self::assertSame('P1 or P2 or P3 or P4 or P5 or P6 or 4994 more', $phrase['values']);
    }

    public function test_every_comparison_of_every_page_kind_has_words(): void
    {
        foreach (PageKind::cases() as $kind) {
            foreach (RuleFields::standard()->on($kind) as $field => $comparisons) {
                foreach ($comparisons as $comparison) {
                    self::assertMatchesRegularExpression(
                        '/^[a-z][a-z ]+$/',
                        $comparison->words,
                        "$field $comparison->name",
                    );
                }
            }
        }
    }

    public function test_the_picker_is_told_of_every_field_and_what_it_takes(): void
    {
        $fields = array_column(ReachWords::fields(PageKind::Product), 'comparisons', 'name');
        self::assertSame(
            ['name' => 'offersValue', 'words' => 'offers', 'takes' => 'names', 'things' => 'option-value'],
            $fields['option'][1],
        );
        self::assertSame('money-range', array_column($fields['price'], 'takes', 'name')['between']);
        self::assertArrayNotHasKey('results', $fields);
    }

    private function named(string $what): int
    {
        [$table, $name] = explode(':', $what) + ['', ''];

        return (int) DB::table($table)
            ->where(['products' => 'title', 'option_values' => 'label'][$table] ?? 'name', $name)
            ->value('id');
    }
}
