<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach\Short;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Short\HowMany;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\PlainChoice;
use Vestibra\Core\Reach\Short\ShortestRule;
use Vestibra\Core\Reach\Short\ShortRules;
use Vestibra\Core\Reach\Short\ValueChoice;
use Vestibra\Tests\Core\Chance;

/** The short rule for a selection, against every rule there is. */
final class ShortRulesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_it_is_the_one_that_trying_every_rule_finds_in_fifty_small_shops(int $seed): void
    {
        $chance = new Chance($seed);
        $found = [0, 0, 0];
        for ($shop = 0; $shop < 50; $shop++) {
            $size = $chance->number(4, 9);
            $all = range(1, $size);
            $choices = self::shop($chance, $all);
            $wanted = array_values(array_filter($all, static fn (): bool => $chance->oneIn(2)));
            if ($wanted === [] || count($wanted) === $size) {
                continue;
            }
            $expected = EveryRule::best($choices, PageSet::of($wanted), PageSet::of($all));
            $is = ShortRules::find($choices, PageSet::of($wanted), PageSet::of($all));
            self::assertSame(
                self::text($expected),
                self::text($is),
                "Seed $seed, shop $shop: ".implode(',', $wanted)." of $size",
            );
            $found[$expected === null ? 0 : count($expected->clauses)]++;
        }
        self::assertGreaterThan(3, min($found), 'Shops without a rule, with one clause, and with two: '.implode(' ',
            $found));
    }

    public function test_fewer_conditions_come_first_then_what_lasts_then_the_shorter_writing(): void
    {
        $all = PageSet::of(range(1, 6));
        $two = PageSet::of([1, 2]);
        $sale = new PlainChoice(new Condition('sale', 'isOn'), $two);
        $tag = new ValueChoice('tag', 'hasAnyOf', HowMany::Any, [7 => $two]);
        $brand = new ValueChoice('brand', 'isOneOf', HowMany::Any, [3 => PageSet::of([1]), 4 => PageSet::of([2])]);
        $wide = new ValueChoice('category', 'isIn', HowMany::Any, [1 => PageSet::of([1, 2, 3])]);
        $not = new ValueChoice('brand', 'isNoneOf', HowMany::None, [5 => PageSet::of([3])]);

        self::assertSame([[['tag', 'hasAnyOf', [7]]]], self::said([$sale, $tag], $two, $all));
        self::assertSame([[['brand', 'isOneOf', [3, 4]]]], self::said([$sale, $tag, $brand, $wide], $two, $all));
        self::assertSame([[['sale', 'isOn', []]]], self::said([$sale, $wide, $not], $two, $all),
            'One is fewer than two.');
        self::assertSame(
            [[['category', 'isIn', [1]], ['brand', 'isNoneOf', [5]]]],
            self::said([$wide, $not], $two, $all),
        );
        self::assertSame(
            [[['brand', 'isOneOf', [3]]], [['category', 'isIn', [2]]]],
            self::said([
                new ValueChoice('brand', 'isOneOf', HowMany::Any, [3 => PageSet::of([1])]),
                new ValueChoice('category', 'isIn', HowMany::Any, [2 => PageSet::of([2])]),
            ], $two, $all),
        );
    }

    public function test_at_most_five_values_and_one_condition_on_options(): void
    {
        $all = PageSet::of(range(1, 20));
        $each = static fn (int $most): array => array_map(
            static fn (int $page): PageSet => PageSet::of([$page]),
            array_combine(range(1, $most), range(1, $most)),
        );
        $brands = static fn (int $most): array => [new ValueChoice('brand', 'isOneOf', HowMany::Any, $each($most))];
        self::assertCount(1, self::said($brands(5), PageSet::of(range(1, 5)), $all) ?? []);
        self::assertCount(2, self::said($brands(10), PageSet::of(range(1, 10)), $all) ?? []);
        self::assertNull(self::said($brands(11), PageSet::of(range(1, 11)), $all));
        $options = [
            new ValueChoice('option', 'offersValue', HowMany::Any, [1 => PageSet::of([1, 2]), 2 => PageSet::of([2,
                3])]),
        ];
        self::assertNull(self::said($options, PageSet::of([2]), $all), 'One variant offers both, or two do.');
    }

    public function test_five_thousand_of_a_hundred_thousand_by_two_conditions_of_which_neither_is_enough(): void
    {
        $chance = new Chance(5);
        $all = range(1, 100_000);
        $brands = $tags = [];
        foreach ($all as $page) {
            $brands[$chance->number(1, 40)][] = $page;
            $tags[$chance->number(1, 6)][] = $page;
        }
        $sets = static fn (array $lists): array => array_map(PageSet::of(...), $lists);
        $wanted = array_intersect([...$brands[3], ...$brands[9], ...$brands[21]], [...$tags[2], ...$tags[5]]);
        $rule = self::said([
            new ValueChoice('brand', 'isOneOf', HowMany::Any, $sets($brands)),
            new ValueChoice('brand', 'isNoneOf', HowMany::None, $sets($brands)),
            new ValueChoice('tag', 'hasAnyOf', HowMany::Any, $sets($tags)),
            new ValueChoice('tag', 'hasNoneOf', HowMany::None, $sets($tags)),
        ], PageSet::of($wanted), PageSet::of($all));
        self::assertSame([[['brand', 'isOneOf', [3, 9, 21]], ['tag', 'hasAnyOf', [2, 5]]]], $rule);
    }

    /**
     * @param  list<int>  $all
     * @return list<PlainChoice|ValueChoice>
     */
    private static function shop(Chance $chance, array $all): array
    {
        $sets = static function (int $values, int $oneIn) use ($chance, $all): array {
            $sets = [];
            for ($value = 1; $value <= $values; $value++) {
                $sets[$value] = PageSet::of(
                    array_values(array_filter($all, static fn (): bool => $chance->oneIn($oneIn))),
                );
            }

            return $sets;
        };
        $single = static function (int $values) use ($chance, $all): array {
            $lists = array_fill(1, $values, []);
            foreach ($all as $page) {
                $lists[$chance->number(1, $values)][] = $page;
            }

            return array_map(PageSet::of(...), $lists);
        };
        $brands = $single(3);
        $tags = $sets(3, 2);

        return [
            new ValueChoice('category', 'isIn', HowMany::Any, $sets(2, 2)),
            new ValueChoice('brand', 'isOneOf', HowMany::Any, $brands),
            new ValueChoice('brand', 'isNoneOf', HowMany::None, $brands),
            new ValueChoice('tag', 'hasAnyOf', HowMany::Any, $tags),
            new ValueChoice('tag', 'hasAllOf', HowMany::All, $tags),
            new ValueChoice('tag', 'hasNoneOf', HowMany::None, $tags),
            new PlainChoice(new Condition('sale', 'isOn'), $sets(1, 3)[1]),
            new PlainChoice(new Condition('price', 'atLeast', [500]), $sets(1, 2)[1]),
        ];
    }

    /**
     * @param  list<PlainChoice|ValueChoice>  $choices
     * @return list<list<array{string, string, list<int|string>}>>|null
     */
    private static function said(array $choices, PageSet $wanted, PageSet $all): ?array
    {
        $rule = ShortRules::find($choices, $wanted, $all);

        return $rule === null ? null : array_map(
            static fn (Clause $clause): array => array_map(
                static fn (Condition $one): array => [$one->field, $one->comparison, $one->values],
                $clause->conditions,
            ),
            $rule->clauses,
        );
    }

    private static function text(?ShortestRule $rule): string
    {
        return $rule === null ? 'none' : implode(' or ', array_map(
            static fn (Clause $clause): string => (string) json_encode($clause->toArray()),
            $rule->clauses,
        ));
    }
}
