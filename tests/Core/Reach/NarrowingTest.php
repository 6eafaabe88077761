<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\Verdict;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\World as W;

/** Conditions on price, sale, stock, option, fact, rating, age, title and pictures, on real products. */
final class NarrowingTest extends TestCase
{
    private const NOW = '2026-11-25T12:00:00Z';

    /** @return iterable<string, array{Product, Condition, bool}> */
    public static function cases(): iterable
    {
        $none = new Product(7, 'x', 'Teal Tide ink', '', '', true);
        $plain = self::with(self::variant(900), self::variant(1200));
        yield 'price: the lowest counts' => [$plain, W::is('price', 'atMost', 900), true];
        yield 'price: at least its own amount' => [$plain, W::is('price', 'atLeast', 900), true];
        yield 'price: above' => [$plain, W::is('price', 'atLeast', 901), false];
        yield 'price: between includes both ends' => [$plain, W::is('price', 'between', 900, 900), true];
        yield 'price: none fails at most' => [$none, W::is('price', 'atMost', 99999), false];
        yield 'price: sold out counts too' =>
            [self::with(self::variant(100, stock: 0), self::variant(900)), W::is('price', 'atMost', 100), true];
        $sale = self::with(self::variant(900, 700, '2026-11-25T12:00:00Z', '2026-11-26T00:00:00Z'));
        yield 'sale: from is included' => [$sale, W::is('sale', 'isOn'), true];
        yield 'sale: its price is the current one' => [$sale, W::is('price', 'atMost', 700), true];
        yield 'sale: until is not' =>
            [self::with(self::variant(900, 700, null, '2026-11-25T12:00:00Z')), W::is('sale', 'isOn'), false];
        yield 'sale: not below the regular price' =>
            [self::with(self::variant(900, 900)), W::is('sale', 'isOn'), false];
        yield 'sale: off without variants' => [$none, W::is('sale', 'isOff'), true];
        yield 'stock: not counted is in' =>
            [self::with(self::variant(1, stock: 0), self::variant(1)), W::is('stock', 'isIn'), true];
        yield 'stock: not counted is never at most' =>
            [self::with(self::variant(1, stock: 0), self::variant(1)), W::is('stock', 'atMost', 99), false];
        yield 'stock: the sum, negative as 0' =>
            [self::with(self::variant(1, stock: -4), self::variant(1, stock: 5)), W::is('stock', 'atMost', 4), false];
        yield 'stock: at most the sum' =>
            [self::with(self::variant(1, stock: -4), self::variant(1, stock: 5)), W::is('stock', 'atMost', 5), true];
        yield 'stock: 0 is out' => [self::with(self::variant(1, stock: -4)), W::is('stock', 'isOut'), true];
        yield 'stock: no variant is out' => [$none, W::is('stock', 'isOut'), true];
        yield 'stock: no variant is at most anything' => [$none, W::is('stock', 'atMost', 0), true];
        yield 'rating: no rounding' => [self::rated(3, 13), W::is('rating', 'atLeast', 44), false];
        yield 'rating: exactly' => [self::rated(2, 9), W::is('rating', 'atLeast', 45), true];
        yield 'rating: nothing rated' => [$none, W::is('rating', 'atLeast', 10), false];
        yield 'rating: has reviews' => [self::rated(1, 5), W::is('rating', 'hasReviews'), true];
        yield 'rating: has none' => [$none, W::is('rating', 'hasNone'), true];
        yield 'added: a day is 24 hours' =>
            [self::added('2026-11-24T12:00:01Z'), W::is('added', 'withinDays', 1), true];
        yield 'added: a whole day ago is over' =>
            [self::added('2026-11-24T12:00:00Z'), W::is('added', 'withinDays', 1), false];
        yield 'added: to come' => [self::added('2026-11-25T12:00:01Z'), W::is('added', 'withinDays', 1), false];
        yield 'added: since includes its instant' =>
            [self::added('2026-11-01T00:00:00Z'), W::is('added', 'since', '2026-11-01T00:00:00Z'), true];
        yield 'added: before does not' =>
            [self::added('2026-11-01T00:00:00Z'), W::is('added', 'before', '2026-11-01T00:00:00Z'), false];
        yield 'added: unknown' => [$none, W::is('added', 'before', '2027-01-01T00:00:00Z'), false];
        yield 'title: each word begins a word' => [$none, W::is('title', 'contains', 'INK te'), true];
        yield 'title: inside a word does not count' => [$none, W::is('title', 'contains', 'ide'), false];
        yield 'title: every word' => [$none, W::is('title', 'contains', 'teal pen'), false];
        yield 'picture: its own and its variants’, each once' =>
            [self::pictured(), W::is('picture', 'atLeast', 3), true];
        yield 'picture: not more than there are' => [self::pictured(), W::is('picture', 'atMost', 2), false];
        yield 'variants: as many as there are' => [$plain, W::is('variants', 'atLeast', 2), true];
        yield 'variants: not more than there are' => [$plain, W::is('variants', 'atLeast', 3), false];
        yield 'variants: not fewer either' => [$plain, W::is('variants', 'atMost', 1), false];
        yield 'variants: none is at most none' => [$none, W::is('variants', 'atMost', 0), true];
        foreach ([
            'words' => ['<p>Dries slowly.</p>', true], 'a picture alone' => ['<p><img src="/p.webp" alt=""></p>', true],
            'nothing' => ['', false], 'a line alone' => ['<hr>', false], 'empty lines' => ['<p>&nbsp; </p>', false],
        ] as $what => [$description, $isFilled]) {
            $described = new Product(7, 'x', 'Teal', 'Short.', $description, true);
            yield "description: $what" => [$described, W::is('description', 'isFilled'), $isFilled];
            yield "description: $what, empty" => [$described, W::is('description', 'isEmpty'), ! $isFilled];
        }
        yield 'picture: none is at most none' => [$none, W::is('picture', 'atMost', 0), true];
        $facts = self::filled();
        yield 'fact: filled' => [$facts, new Condition('fact', 'isFilled', [], 1), true];
        yield 'fact: empty' => [$facts, new Condition('fact', 'isEmpty', [], 9), true];
        yield 'fact: one of, folded' => [$facts, new Condition('fact', 'isOneOf', ['brass', 'ＲＥＳＩＮ'], 1), true];
        yield 'fact: not one of' => [$facts, new Condition('fact', 'isOneOf', ['brass'], 1), false];
        yield 'fact: number at most' => [$facts, new Condition('fact', 'atMost', [4], 2), true];
        yield 'fact: number above' => [$facts, new Condition('fact', 'atLeast', [5], 2), false];
        yield 'fact: between both ends' => [$facts, new Condition('fact', 'between', [4, 4], 2), true];
        yield 'fact: a missing number fails' => [$facts, new Condition('fact', 'atMost', [99], 9), false];
        yield 'fact: no is a value' => [$facts, new Condition('fact', 'isOneOf', ['no'], 3), true];
        yield 'fact: any of several' => [$facts, new Condition('fact', 'hasAnyOf', ['ink'], 4), true];
        yield 'fact: a deleted one is dead, even for empty' =>
            [$facts, new Condition('fact', 'isEmpty', [], W::DELETED), false];
        yield 'option: offers' =>
            [self::with(self::variant(1, values: [1 => 11])), W::is('option', 'offers', 1, 2), true];
        yield 'option: does not offer' =>
            [self::with(self::variant(1, values: [1 => 11])), W::is('option', 'offers', 2), false];
        yield 'option: offers value' =>
            [self::with(self::variant(1, values: [1 => 11])), W::is('option', 'offersValue', 11), true];
        yield 'option: another value' =>
            [self::with(self::variant(1, values: [1 => 11])), W::is('option', 'offersValue', 12), false];
    }

    #[DataProvider('cases')]
    public function test_it_holds_or_not(Product $product, Condition $condition, bool $holds): void
    {
        $match = W::compiler()
            ->compile(W::reach([[$condition]]))
            ->match(Features::product($product, W::tree(), W::at(self::NOW)));

        self::assertSame($holds, $match !== null);
        self::assertSame($holds ? [0, 0, 0, 1] : null, $match?->closeness->toArray());
    }

    public function test_the_horizon_is_the_next_sale_where_a_rule_looks_at_prices(): void
    {
        $product = self::with(self::variant(900, 700, '2026-11-25T13:00:00Z', '2026-11-26T00:00:00Z'));
        $page = Features::product($product, W::tree(), W::at(self::NOW));
        $asks = W::evaluator([W::candidate(1, W::reach([[W::is('sale', 'isOn')]]))]);

        self::assertSame(W::at('2026-11-25T13:00:00Z')->getTimestamp(), $asks->decide($page)->until);
        self::assertNull(W::evaluator([W::candidate(1, W::reach([[]]))])->decide($page)->until);
    }

    /** @return iterable<string, array{Condition, bool}> */
    public static function rulesAndPrices(): iterable
    {
        yield 'on sale' => [W::is('sale', 'isOn'), true];
        yield 'a highest price' => [W::is('price', 'atMost', 800), true];
        yield 'a lowest price' => [W::is('price', 'atLeast', 800), true];
        yield 'a price between' => [W::is('price', 'between', 600, 800), true];
        yield 'a rating' => [W::is('rating', 'atLeast', 4), false];
        yield 'a title' => [W::is('title', 'contains', 'teal'), false];
    }

    #[DataProvider('rulesAndPrices')]
    public function test_every_rule_that_looks_at_prices_looks_at_the_clock_and_no_other(
        Condition $condition,
        bool $looks,
    ): void {
        $begins = W::at('2026-11-25T13:00:00Z')->getTimestamp();
        $product = self::with(self::variant(900, 700, '2026-11-25T13:00:00Z', '2026-11-26T00:00:00Z'));
        $page = Features::product($product, W::tree(), W::at(self::NOW));

        self::assertSame(
            $looks ? $begins : null,
            W::evaluator([W::candidate(1, W::reach([[$condition]]))])->decide($page)->until,
        );
        $collections = RuleCollections::of([20 => W::reach([[$condition]])], W::compiler());
        self::assertInstanceOf(RuleCollections::class, $collections);
        $byCollection =
            Evaluator::of([W::candidate(1, W::reach([[W::is('collection', 'isIn', 20)]]))], 0, $collections);
        self::assertSame($looks ? $begins : null, $byCollection->decide($page)->until);
        self::assertSame(
            $looks ? $begins : null,
            $byCollection->decide($collections->judge($page)->around(PageKind::Header))->until,
        );
    }

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    /** Sales that begin and end, and rules about price, sale and age: until the horizon the hours change nothing. */
    #[DataProvider('seeds')]
    public function test_no_hour_before_the_horizon_changes_the_template(Chance $chance): void
    {
        $hour = static fn (int $at): string => gmdate('Y-m-d\TH:i:s\Z', W::at(self::NOW)->getTimestamp() + $at * 3600);
        $variants = [];
        for ($count = $chance->number(1, 3); $count > 0; $count--) {
            $from = $chance->number(-5, 30);
            $variants[] = self::variant(
                $chance->number(5, 9) * 100,
                $chance->number(3, 8) * 100,
                $chance->oneIn(4) ? null : $hour($from),
                $chance->oneIn(4) ? null : $hour($from + $chance->number(1, 30)),
            );
        }
        $product = new Product(
            7,
            'x',
            'Teal',
            '',
            '',
            true,
            variants: $variants,
            addedAt: W::at($hour($chance->number(-30, 0))),
        );
        $conditions = [
            W::is('sale', 'isOn'), W::is('sale', 'isOff'), W::is('price', 'atMost', 500),
            W::is('price', 'between', 600, 700),
            W::is('price', 'atLeast', 600), W::is('added', 'withinDays', 1), W::is('added', 'withinDays', 2),
        ];
        $candidates = array_map(
            static fn (int $id): Candidate => W::candidate($id, W::reach([$chance->some($conditions, 2)])),
            [1, 2, 3],
        );
        $at = static fn (int $hours): Verdict =>
            W::evaluator($candidates)->decide(Features::product($product, W::tree(), W::at($hour($hours))));
        for ($now = 0; $now < 60; $now++) {
            [$here, $next] = [$at($now), $at($now + 1)];
            $horizon = $here->until;
            if ($here->templateId !== $next->templateId) {
                self::assertNotNull($horizon, "seed $chance->seed, hour $now");
                self::assertLessThanOrEqual(
                    W::at($hour($now + 1))->getTimestamp(),
                    $horizon,
                    "seed $chance->seed, hour $now",
                );
            }
            self::assertTrue($horizon === null || $horizon > W::at($hour($now))->getTimestamp());
        }
    }

    public function test_the_horizon_is_the_end_of_an_age_that_a_rule_looks_at(): void
    {
        $page = Features::product(self::added('2026-11-20T12:00:00Z'), W::tree(), W::at(self::NOW));
        $asks = W::evaluator(
            [W::candidate(1, W::reach([[W::is('added', 'withinDays', 30)], [W::is('added', 'withinDays', 7)]]))],
        );

        self::assertSame(W::at('2026-11-27T12:00:00Z')->getTimestamp(), $asks->decide($page)->until);
    }

    private static function with(Variant ...$variants): Product
    {
        return new Product(7, 'x', 'Teal Tide ink', '', '', true, variants: array_values($variants));
    }

    private static function rated(int $reviews, int $stars): Product
    {
        return new Product(7, 'x', 'Teal', '', '', true, reviewCount: $reviews, starSum: $stars);
    }

    private static function added(string $at): Product
    {
        return new Product(7, 'x', 'Teal', '', '', true, addedAt: new DateTimeImmutable($at));
    }

    private static function pictured(): Product
    {
        $picture = static fn (int $id): Picture => new Picture($id, 'x', 8, 8, '');

        return new Product(
            7,
            'x',
            'Teal',
            '',
            '',
            true,
            variants: [self::variant(1, picture: 2), self::variant(1, picture: 3)],
            pictures: [$picture(1), $picture(2)],
        );
    }

    private static function filled(): Product
    {
        return new Product(7, 'x', 'Teal', '', '', true, facts: array_values(array_filter([
            FactValue::of(new Fact(1, 'Material', FactKind::Text), ['Resin']),
            FactValue::of(new Fact(2, 'Width', FactKind::Number, 'mm', 1), ['0.4']),
            FactValue::of(new Fact(3, 'Refillable', FactKind::YesNo), ['no']),
            FactValue::of(new Fact(4, 'Goes with', FactKind::Several), ['Pens', 'Ink']),
        ])));
    }

    /** @param  array<int, int>  $values */
    private static function variant(
        int $price,
        ?int $sale = null,
        ?string $from = null,
        ?string $until = null,
        ?int $stock = null,
        array $values = [],
        ?int $picture = null,
    ): Variant {
        return new Variant(
            1,
            'x',
            $values,
            $price,
            $sale,
            $from === null ? null : new DateTimeImmutable($from),
            $until === null ? null : new DateTimeImmutable($until),
            $stock,
            $picture,
        );
    }
}
