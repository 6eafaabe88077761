<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Features;
use Vestibra\Tests\Core\Reach\World as W;

final class ConditionsTest extends TestCase
{
    /** @return iterable<string, array{Condition, Features, bool}> */
    public static function cases(): iterable
    {
        $shimmer = W::page([W::SHIMMER], W::OSTRELVE, [W::GIFT], [4]);
        $bare = W::page();
        yield 'in: beneath counts' => [W::in(W::INK), $shimmer, true];
        yield 'in: itself counts' => [W::in(W::SHIMMER), $shimmer, true];
        yield 'in: above does not count' => [W::in(W::SHIMMER), W::page([W::BOTTLED]), false];
        yield 'in: another branch' => [W::in(W::PENS), $shimmer, false];
        yield 'exactly: filed in it' => [W::is('category', 'isExactly', W::SHIMMER), $shimmer, true];
        yield 'exactly: beneath does not count' => [W::is('category', 'isExactly', W::BOTTLED), $shimmer, false];
        yield 'exactly: whatever others it is filed in' =>
            [W::is('category', 'isExactly', W::INK), W::page([W::INK, W::PENS]), true];
        yield 'category: has none' => [W::is('category', 'hasNone'), $bare, true];
        yield 'category: has one' => [W::is('category', 'hasNone'), $shimmer, false];
        yield 'brand: one of several' => [W::is('brand', 'isOneOf', W::HALLORME, W::OSTRELVE), $shimmer, true];
        yield 'brand: not that one' => [W::is('brand', 'isOneOf', W::HALLORME), $shimmer, false];
        yield 'brand: a page without one fails' => [W::is('brand', 'isOneOf', W::HALLORME), $bare, false];
        yield 'brand: none of, without one' => [W::is('brand', 'isNoneOf', W::HALLORME), $bare, true];
        yield 'brand: none of, with it' => [W::is('brand', 'isNoneOf', W::OSTRELVE), $shimmer, false];
        yield 'brand: none of, deleted beside living' =>
            [W::is('brand', 'isNoneOf', W::HALLORME, W::DELETED), $shimmer, true];
        yield 'brand: has none' => [W::is('brand', 'hasNone'), $bare, true];
        yield 'brand: has one' => [W::is('brand', 'hasNone'), $shimmer, false];
        yield 'tag: any of' => [W::is('tag', 'hasAnyOf', W::LETTERS, W::GIFT), $shimmer, true];
        yield 'tag: any of, deleted beside living' => [W::is('tag', 'hasAnyOf', W::GIFT, W::DELETED), $shimmer, true];
        yield 'tag: all of' =>
            [W::is('tag', 'hasAllOf', W::GIFT, W::LETTERS), W::page([], null, [W::GIFT, W::LETTERS]), true];
        yield 'tag: not all of' => [W::is('tag', 'hasAllOf', W::GIFT, W::LETTERS), $shimmer, false];
        yield 'tag: none of' => [W::is('tag', 'hasNoneOf', W::LETTERS), $shimmer, true];
        yield 'tag: none of, with it' => [W::is('tag', 'hasNoneOf', W::GIFT, W::LETTERS), $shimmer, false];
        yield 'tag: none of a deleted one is dead' => [W::is('tag', 'hasNoneOf', W::DELETED), $shimmer, false];
        yield 'collection: in' => [W::is('collection', 'isIn', 4), $shimmer, true];
        yield 'collection: not in' => [W::is('collection', 'isIn', 5), $shimmer, false];
        yield 'product: itself' => [W::is('product', 'isOneOf', W::PRODUCT, 8), $shimmer, true];
        yield 'product: another' => [W::is('product', 'isOneOf', 8), $shimmer, false];
    }

    #[DataProvider('cases')]
    public function test_it_holds_or_not(Condition $condition, Features $page, bool $holds): void
    {
        self::assertSame($holds, W::compiler()->compile(W::reach([[$condition]]))->match($page) !== null);
    }

    /** @return iterable<string, array{list<Condition>, list<int>}> */
    public static function weights(): iterable
    {
        yield 'exactly counts its depth' => [[W::is('category', 'isExactly', W::SHIMMER)], [0, 1, 3, 0]];
        yield 'collection is a group' => [[W::is('collection', 'isIn', 4)], [0, 1, 0, 0]];
        yield 'two names are still one' =>
            [[W::is('product', 'isOneOf', W::PRODUCT), W::is('product', 'isOneOf', W::PRODUCT, 9)], [1, 0, 0, 0]];
        yield 'none of counts nowhere beside others' => [[W::is('tag', 'hasNoneOf', W::LETTERS), W::in(W::INK)], [
            0, 1, 1, 0,
        ]];
        yield 'identical conditions are merged' => [[W::in(W::INK), W::in(W::INK)], [0, 1, 1, 0]];
        yield 'a named category it does not lie in adds nothing' => [[W::in(W::INK, W::FOUNTAIN)], [0, 1, 1, 0]];
    }

    /**
     * @param  list<Condition>  $conditions
     * @param  list<int>  $closeness
     */
    #[DataProvider('weights')]
    public function test_what_it_adds_to_the_closeness(array $conditions, array $closeness): void
    {
        $page = W::page([W::SHIMMER], W::OSTRELVE, [W::GIFT], [4]);

        self::assertSame(
            $closeness,
            W::compiler()->compile(W::reach([$conditions]))->match($page)?->closeness->toArray(),
        );
    }

    public function test_having_no_brand_counts_as_a_group(): void
    {
        $reach = W::compiler()->compile(W::reach([[W::is('brand', 'hasNone')]]));

        self::assertSame([0, 1, 0, 0], $reach->match(W::page())?->closeness->toArray());
    }

    public function test_a_condition_without_a_living_value_is_reported_dead(): void
    {
        $compiled = W::compiler()
            ->compile(W::reach([[W::in(W::DELETED), W::in(W::INK, W::DELETED), W::is('brand', 'hasNone')]]));

        self::assertSame([true, false, false], array_column($compiled->show[0]->conditions, 'dead'));
    }

    public function test_a_dead_keep_off_keeps_nothing_off(): void
    {
        $compiled = W::compiler()->compile(W::reach([[]], [[W::is('tag', 'hasNoneOf', W::DELETED)]]));

        self::assertNotNull($compiled->match(W::page()));
    }
}
