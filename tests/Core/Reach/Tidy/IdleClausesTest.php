<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach\Tidy;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\Tidy\IdleClause;
use Vestibra\Core\Reach\Tidy\IdleClauses;
use Vestibra\Tests\Core\Reach\World as W;

/** Which clauses decide nothing, in plain cases. */
final class IdleClausesTest extends TestCase
{
    /** @return iterable<string, array{list<Condition>, list<Condition>, bool}> */
    public static function pairs(): iterable
    {
        yield 'the same' => [[W::in(W::INK)], [W::in(W::INK)], true];
        yield 'one brand of two' => [
            [W::is('brand', 'isOneOf', W::OSTRELVE)], [W::is('brand', 'isOneOf', W::OSTRELVE, W::HALLORME)], true,
        ];
        yield 'two brands of one' => [
            [W::is('brand', 'isOneOf', W::OSTRELVE, W::HALLORME)], [W::is('brand', 'isOneOf', W::OSTRELVE)], false,
        ];
        yield 'a category above' => [[W::in(W::INK)], [W::in(W::BOTTLED, W::PENS)], false];
        yield 'one that is narrower is closer' => [[W::in(W::INK), W::is('stock', 'isIn')], [W::in(W::INK)], false];
        yield 'both tags have any of them' => [
            [W::is('tag', 'hasAllOf', W::GIFT, W::LETTERS)], [W::is('tag', 'hasAnyOf', W::GIFT)], true,
        ];
        yield 'any of two is not all of one' => [
            [W::is('tag', 'hasAnyOf', W::GIFT, W::LETTERS)], [W::is('tag', 'hasAllOf', W::GIFT)], false,
        ];
        yield 'none of more is none of fewer' => [
            [W::is('brand', 'isNoneOf', W::OSTRELVE, W::HALLORME)], [W::is('brand', 'isNoneOf', W::OSTRELVE)], true,
        ];
        yield 'a range within' => [[W::is('price', 'between', 200, 300)], [W::is('price', 'atLeast', 200)], true];
        yield 'a range beyond' => [[W::is('price', 'between', 199, 300)], [W::is('price', 'atLeast', 200)], false];
        yield 'an open end' => [[W::is('price', 'atLeast', 300)], [W::is('price', 'between', 200, 400)], false];
        yield 'fewer days' => [[W::is('added', 'withinDays', 3)], [W::is('added', 'withinDays', 4)], true];
        yield 'more days' => [[W::is('added', 'withinDays', 5)], [W::is('added', 'withinDays', 4)], false];
        yield 'better rated' => [[W::is('rating', 'atLeast', 45)], [W::is('rating', 'atLeast', 40)], true];
        yield 'worse rated' => [[W::is('rating', 'atLeast', 35)], [W::is('rating', 'atLeast', 40)], false];
        yield 'a longer word' => [
            [W::is('title', 'contains', 'teal blue')], [W::is('title', 'contains', 'tea')], true,
        ];
        yield 'a shorter word' => [[W::is('title', 'contains', 'te')], [W::is('title', 'contains', 'tea')], false];
        yield 'an option of two' => [[W::is('option', 'offers', 1)], [W::is('option', 'offers', 1, 2)], true];
        yield 'another value' => [[W::is('option', 'offersValue', 1)], [W::is('option', 'offersValue', 2)], false];
        yield 'a fact has one of these' => [
            [new Condition('fact', 'isOneOf', ['resin'], 1)], [new Condition('fact', 'isFilled', [], 1)], true,
        ];
        yield 'another fact' => [
            [new Condition('fact', 'isOneOf', ['resin'], 1)], [new Condition('fact', 'isFilled', [], 2)], false,
        ];
        yield 'a number of a fact' => [
            [new Condition('fact', 'between', [3, 5], 2)], [new Condition('fact', 'atLeast', [3], 2)], true,
        ];
        yield 'everything' => [[W::is('brand', 'isNoneOf', W::OSTRELVE)], [], true];
    }

    /**
     * @param  list<Condition>  $later
     * @param  list<Condition>  $earlier
     */
    #[DataProvider('pairs')]
    public function test_a_later_rule_that_an_earlier_one_holds_is_idle(
        array $later,
        array $earlier,
        bool $isIdle,
    ): void {
        self::assertEquals(
            $isIdle ? [new IdleClause(2, 0, 1, 0)] : [],
            self::find([1 => W::reach([$earlier]), 2 => W::reach([$later])]),
        );
    }

    public function test_of_two_that_hold_the_same_the_earlier_one_stays(): void
    {
        $same = W::reach([[W::in(W::INK)], [W::in(W::INK)]]);
        self::assertEquals([new IdleClause(1, 1, 1, 0)], self::find([1 => $same]));
        // However deep a page lies, both are as close.
        $deep = [W::in(W::INK, W::SHIMMER)];
        self::assertEquals(
            [new IdleClause(1, 1, 1, 0)],
            self::find([1 => W::reach([$deep, $deep]), 2 => W::reach([[W::in(W::BOTTLED)]])]),
        );
    }

    public function test_a_rule_that_holds_the_other_is_found_behind_it_too(): void
    {
        $narrow = [W::in(W::INK), W::is('tag', 'hasAnyOf', W::GIFT)];
        self::assertEquals([new IdleClause(1, 0, 1, 1)], self::find([1 => W::reach([$narrow, [W::in(W::INK)]])]));
        self::assertEquals(
            [],
            self::find([1 => W::reach([$narrow, [W::in(W::INK)]]), 2 => W::reach([[W::in(W::BOTTLED)]])]),
            'A bottled ink for a gift would go to the other.',
        );
        self::assertCount(
            1,
            self::find([1 => W::reach([$narrow, [W::in(W::INK)]]), 2 => W::reach([[W::is('stock', 'isIn')]])]),
        );
    }

    public function test_a_template_that_is_not_always_before_it_holds_nothing_of_it(): void
    {
        $ink = W::reach([[W::in(W::INK)]]);
        $winter = new Reach($ink->show, [], new Season(from: 1_000));
        $without = W::reach([[W::in(W::INK)]], [[W::is('brand', 'isOneOf', W::OSTRELVE)]]);
        self::assertSame([], self::find([1 => $winter, 2 => $ink]));
        self::assertCount(1, self::find([1 => $ink, 2 => $winter]));
        self::assertCount(1, self::find([1 => $winter, 2 => new Reach($ink->show, [], new Season(2_000, 3_000))]));
        self::assertSame([], self::find([1 => $without, 2 => $ink]));
        self::assertCount(1, self::find([1 => $without, 2 => $without]));
        self::assertEquals(
            [new IdleClause(1, 0, 2, 0)],
            self::find([1 => $ink, 2 => new Reach($ink->show, goesFirst: true)]),
        );
    }

    public function test_what_is_not_live_neither_holds_nor_is_held(): void
    {
        $ink = W::compiler()->compile(W::reach([[W::in(W::INK)]]));
        self::assertSame([], IdleClauses::find(
            [new Candidate(1, false, $ink), new Candidate(2, true, $ink), new Candidate(3, false, $ink)],
            W::tree(),
        ));
    }

    public function test_a_rule_that_names_only_what_was_deleted_is_no_idle_one(): void
    {
        $dead = W::reach([[W::in(W::INK), W::is('tag', 'hasAnyOf', W::DELETED)]]);
        self::assertSame([], self::find([1 => W::reach([[W::in(W::INK)]]), 2 => $dead]));
        self::assertSame([], self::find([1 => $dead, 2 => W::reach([[W::in(W::INK)]])]));
    }

    /**
     * @param  array<int, Reach>  $reaches
     * @return list<IdleClause>
     */
    private static function find(array $reaches): array
    {
        return IdleClauses::find(array_map(
            static fn (int $id): Candidate => W::candidate($id, $reaches[$id]),
            array_keys($reaches),
        ), W::tree());
    }
}
