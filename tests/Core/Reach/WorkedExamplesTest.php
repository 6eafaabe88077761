<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\DecidedBy;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Loser;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\Season;
use Vestibra\Tests\Core\Reach\World as W;

/** The worked examples of the rules, numbered as there. */
final class WorkedExamplesTest extends TestCase
{
    private const A = 1;

    private const B = 2;

    private const C = 3;

    private const D = 4;

    private const E = 5;

    /** @return iterable<string, array{list<Candidate>, Features, int, list<int>|null, 4?: int}> */
    public static function examples(): iterable
    {
        $a = W::candidate(self::A, W::reach([[]]));
        $b = W::candidate(self::B, W::reach([[W::in(W::INK)]]));
        $c = W::candidate(self::C, W::reach([[W::in(W::BOTTLED)]]));
        $d = W::candidate(
            self::D,
            W::reach([[W::is('brand', 'isOneOf', W::OSTRELVE), W::is('tag', 'hasAnyOf', W::GIFT)]]),
        );
        $e = W::candidate(self::E, W::reach([[W::is('product', 'isOneOf', W::PRODUCT)]]));
        $shimmer = W::page([W::SHIMMER]);
        $gift = W::page([W::BOTTLED], W::OSTRELVE, [W::GIFT]);

        yield '1: the only candidate' => [[$a], W::page([W::PENS]), self::A, [0, 0, 0, 0]];
        yield '2: the depth of the named category' => [[$a, $b], $shimmer, self::B, [0, 1, 1, 0]];
        yield '3: the deeper category' => [[$b, $c], $shimmer, self::C, [0, 1, 2, 0]];
        yield '4: two groups beat depth' => [[$c, $d], $gift, self::D, [0, 2, 0, 0]];
        yield '5: the named product' => [[$d, $e], $gift, self::E, [1, 0, 0, 0]];
        yield '6: kept off' => [
            [W::candidate(self::B, W::reach([[W::in(W::INK)]], [[W::is('brand', 'isOneOf', W::OSTRELVE)]])), $a],
            W::page([W::INK], W::OSTRELVE),
            self::A,
            [0, 0, 0, 0],
        ];
        yield '8: hand order' => [[
            W::candidate(7, W::reach([[W::is('tag', 'hasAnyOf', W::GIFT)]])),
            W::candidate(8, W::reach([[W::is('brand', 'isOneOf', W::OSTRELVE)]])),
        ], W::page([], W::OSTRELVE, [W::GIFT]), 7, [0, 1, 0, 0]];
        yield '10: the closest matching clause' => [[
            W::candidate(9, W::reach([[W::in(W::INK)], [W::in(W::PENS), W::is('tag', 'hasAnyOf', W::GIFT)]])),
        ], W::page([W::INK, W::FOUNTAIN], null, [W::GIFT]), 9, [0, 2, 1, 0]];
        yield '13: the deepest of several named' =>
            [[W::candidate(9, W::reach([[W::in(W::INK, W::BOTTLED)]]))], $shimmer, 9, [0, 1, 2, 0]];
        yield '14: none of counts nowhere' => [
            [W::candidate(9, W::reach([[W::is('brand', 'isNoneOf', W::OSTRELVE)]])), $a],
            W::page([], W::HALLORME),
            9,
            [0, 0, 0, 0],
        ];
        yield '15: depths of several conditions add up' =>
            [[W::candidate(9, W::reach([[W::in(W::INK), W::in(W::BOTTLED)]])), $c], $shimmer, 9, [0, 2, 3, 0]];
        yield '16: a dead condition does not hold' => [
            [W::candidate(9, W::reach([[W::is('brand', 'isNoneOf', W::DELETED)]])), $a],
            W::page([], W::HALLORME),
            self::A,
            [0, 0, 0, 0],
        ];
        yield '17: cannot have all' => [
            [W::candidate(9, W::reach([[W::is('tag', 'hasAllOf', W::GIFT, W::DELETED)]])), $a],
            W::page([], null, [W::GIFT]),
            self::A,
            [0, 0, 0, 0],
        ];
    }

    /**
     * @param  list<Candidate>  $templates
     * @param  list<int>  $closeness
     */
    #[DataProvider('examples')]
    public function test_the_winner_and_its_closeness(
        array $templates,
        Features $page,
        int $winner,
        array $closeness,
    ): void {
        $verdict = W::evaluator($templates)->decide($page);

        self::assertSame($winner, $verdict->templateId);
        self::assertSame(DecidedBy::Closest, $verdict->step);
        self::assertSame($closeness, $verdict->closeness?->toArray());
    }

    public function test_7_two_groups_of_nothing_but_narrowing_lose_to_one_group(): void
    {
        $f = W::reach([[W::is('sale', 'isOn'), W::is('stock', 'atMost', 5)]]);
        $page = W::detailed([W::INK], [Quantity::Sale->value => 1, Quantity::Stock->value => 3]);
        $verdict = W::evaluator([W::candidate(6, $f), W::candidate(self::B, W::reach([[W::in(W::INK)]]))])
            ->decide($page);

        self::assertSame([self::B, [0, 1, 1, 0]], [$verdict->templateId, $verdict->closeness?->toArray()]);
    }

    public function test_7a_going_first_comes_before_closeness(): void
    {
        $f = new Reach([Clause::of(W::is('sale', 'isOn'), W::is('stock', 'atMost', 5))], goesFirst: true);
        $page = W::detailed([W::INK], [Quantity::Sale->value => 1, Quantity::Stock->value => 3]);
        $verdict = W::evaluator([W::candidate(self::B, W::reach([[W::in(W::INK)]])), W::candidate(6, $f)])
            ->decide($page);

        self::assertSame(
            [6, DecidedBy::GoesFirst, [0, 0, 0, 2]],
            [$verdict->templateId, $verdict->step, $verdict->closeness?->toArray()],
        );
    }

    public function test_9_a_season_begins_to_the_second(): void
    {
        $begins = ShopZone::of('Europe/London')->instant('2026-12-01');
        $e = new Reach([Clause::of(W::is('product', 'isOneOf', W::PRODUCT))], [], Season::of($begins, null));
        $templates = W::evaluator([W::candidate(self::E, $e), W::candidate(self::B, W::reach([[W::in(W::INK)]]))]);
        $before = $templates->decide(W::page([W::INK], at: '2026-11-30T23:59:59Z'), withReasons: true);

        self::assertSame(self::B, $before->templateId);
        self::assertSame($begins?->getTimestamp(), $before->until);
        self::assertSame([Reason::OutOfSeason, true], [$before->losers[0]->reason, $before->losers[0]->wouldWin]);
        self::assertSame(self::E, $templates->decide(W::page([W::INK], at: '2026-12-01T00:00:00Z'))->templateId);
    }

    public function test_11a_a_pin_beats_season(): void
    {
        $over = new Reach([Clause::of()], [], Season::of(null, W::at('2026-01-01T00:00:00Z')));
        $verdict = W::evaluator([W::candidate(self::B, W::reach([[W::in(W::INK)]])), W::candidate(11, $over)])
            ->decide(W::page([W::INK]), pinnedTo: 11);

        self::assertSame([11, DecidedBy::Pin], [$verdict->templateId, $verdict->step]);
    }

    public function test_18_options_have_to_hold_for_one_and_the_same_variant(): void
    {
        [$colour, $nib, $teal, $black, $fine, $broad] = [1, 2, 1, 2, 3, 4];
        $p = W::candidate(
            9,
            W::reach([[W::is('option', 'offersValue', $teal), W::is('option', 'offersValue', $fine)]]),
        );
        $apart = W::detailed([], [], [[$colour => $teal, $nib => $broad], [$colour => $black, $nib => $fine]]);
        $together = W::detailed([], [], [[$colour => $teal, $nib => $fine]]);
        $verdict = W::evaluator([$p, W::candidate(self::A, W::reach([[]]))])->decide($apart, withReasons: true);

        self::assertSame(self::A, $verdict->templateId);
        self::assertCount(2, $verdict->losers[0]->failed);
        self::assertSame(9, W::evaluator([$p])->decide($together)->templateId);
    }

    public function test_19_on_category_pages_exactly_names_the_page(): void
    {
        $page = self::category(W::BOTTLED, 3);
        $q = W::candidate(1, W::reach([[W::is('category', 'isExactly', W::BOTTLED)]]), kind: PageKind::Category);
        $r = W::candidate(2, W::reach([[W::in(W::INK)]]), kind: PageKind::Category);
        $verdict = W::evaluator([$r, $q])->decide($page);

        self::assertSame([1, [1, 0, 2, 0]], [$verdict->templateId, $verdict->closeness?->toArray()]);
    }

    public function test_20_on_collection_pages_the_collection_names_the_page(): void
    {
        $page = Features::assortment(
            new Assortment(
                SubjectKind::Collection,
                4,
                'winter-letters',
                'Winter letters',
                'For long evenings',
                null,
                40,
            ),
            W::tree(),
            W::at(),
        );
        $s = W::candidate(1, W::reach([[W::is('collection', 'isOneOf', 4)]]), kind: PageKind::Collection);
        $t = W::candidate(2, W::reach([[W::is('products', 'atLeast', 10)]]), kind: PageKind::Collection);
        $verdict = W::evaluator([$t, $s])->decide($page);

        self::assertSame([1, [1, 0, 0, 0]], [$verdict->templateId, $verdict->closeness?->toArray()]);
        self::assertSame([0, 0, 0, 1], W::evaluator([$t])->decide($page)->closeness?->toArray());
    }

    public function test_21_a_search_without_a_hit(): void
    {
        $u = W::candidate(1, W::reach([[W::is('results', 'atMost', 0)]]), kind: PageKind::Search);
        $v = W::candidate(2, W::reach([[]]), kind: PageKind::Search);

        self::assertSame(1, W::evaluator([$v, $u])->decide(Features::search('teel', 0, W::at()))->templateId);
        self::assertSame(2, W::evaluator([$v, $u])->decide(Features::search('teal', 4, W::at()))->templateId);
    }

    public function test_22_a_header_is_judged_on_the_page_it_stands_on(): void
    {
        $w = W::candidate(
            1,
            W::reach([[W::is('page-kind', 'isOneOf', 'product'), W::in(W::INK)]]),
            kind: PageKind::Header,
        );
        $x = W::candidate(2, W::reach([[]]), kind: PageKind::Header);
        $headers = W::evaluator([$x, $w]);

        self::assertSame([1, [0, 1, 1, 1]], [
            ($found = $headers->decide(W::page([W::SHIMMER])->around(PageKind::Header)))->templateId,
            $found->closeness?->toArray(),
        ]);
        self::assertSame(
            2,
            $headers->decide(Features::single(PageKind::Cart, W::at())->around(PageKind::Header))->templateId,
        );
        self::assertSame(2, $headers->decide(self::category(W::INK, 1)->around(PageKind::Header))->templateId);
    }

    public function test_a_page_that_is_to_have_none_has_none_whatever_rules_say(): void
    {
        $headers = W::evaluator([W::candidate(1, W::reach([[]]), kind: PageKind::Header)]);
        $verdict = $headers->decide(W::page()->around(PageKind::Header), Evaluator::NONE, withReasons: true);

        self::assertSame(
            [Evaluator::NONE, DecidedBy::Pin, false],
            [$verdict->templateId, $verdict->step, $verdict->pinSkipped],
        );
        self::assertSame(
            [[1, Reason::PinDecides]],
            array_map(static fn (Loser $one): array => [$one->templateId, $one->reason], $verdict->losers),
        );
    }

    public function test_only_products_are_in_collections_by_rule(): void
    {
        $everything = RuleCollections::of([20 => W::reach([[]])], W::compiler());
        self::assertInstanceOf(RuleCollections::class, $everything);
        $headers = Evaluator::of(
            [
                W::candidate(1, W::reach([[W::is('collection', 'isIn', 20)]]), kind: PageKind::Header),
                W::candidate(2, W::reach([[]]), kind: PageKind::Header),
            ],
            2,
            $everything,
        );

        self::assertSame(1, $headers->decide($everything->judge(W::page())->around(PageKind::Header))->templateId);
        self::assertSame(
            2,
            $headers->decide(Features::single(PageKind::Cart, W::at())->around(PageKind::Header))->templateId,
        );
        self::assertSame(
            2,
            $headers->decide($everything->judge(self::category(W::INK, 1))->around(PageKind::Header))->templateId,
        );
    }

    public function test_a_field_that_the_page_does_not_have_fails_whatever_the_comparison(): void
    {
        $cart = Features::single(PageKind::Cart, W::at())->around(PageKind::Footer);
        foreach (['isNoneOf' => [W::HALLORME], 'hasNone' => []] as $comparison => $values) {
            $reach = W::compiler(PageKind::Footer)->compile(W::reach([[W::is('brand', $comparison, ...$values)]]));
            self::assertNull($reach->match($cart), $comparison);
            self::assertNotNull($reach->match(W::page()->around(PageKind::Footer)), $comparison);
        }
    }

    public function test_11_a_pin_to_a_draft_is_skipped_and_reported(): void
    {
        $ink = W::candidate(self::B, W::reach([[W::in(W::INK)]]));
        $draft = W::candidate(6, W::reach([[]]), live: false);

        $verdict = W::evaluator([$ink, $draft])->decide(W::page([W::INK]), pinnedTo: 6);

        self::assertSame(self::B, $verdict->templateId);
        self::assertTrue($verdict->pinSkipped);
    }

    public function test_a_pin_to_a_live_template_beats_keep_off_and_every_clause(): void
    {
        $named = W::candidate(1, W::reach([[W::is('product', 'isOneOf', W::PRODUCT)]]));
        $pinned = W::candidate(2, W::reach([], [[W::is('brand', 'isOneOf', W::OSTRELVE)]]));

        $verdict = W::evaluator([$named, $pinned])->decide(W::page([], W::OSTRELVE), pinnedTo: 2);

        self::assertSame(2, $verdict->templateId);
        self::assertSame(DecidedBy::Pin, $verdict->step);
        self::assertFalse($verdict->pinSkipped);
    }

    public function test_12_the_fallback_ignores_its_own_reach(): void
    {
        $fallback = W::candidate(1, W::reach([], [[W::is('brand', 'isOneOf', W::OSTRELVE, W::HALLORME)]]));

        $verdict = W::evaluator([$fallback], fallback: 1)->decide(W::page([], W::OSTRELVE));

        self::assertSame(1, $verdict->templateId);
        self::assertSame(DecidedBy::Fallback, $verdict->step);
    }

    public function test_an_empty_show_list_matches_nothing(): void
    {
        self::assertSame(0, W::evaluator([W::candidate(1, new Reach)])->decide(W::page())->templateId);
    }

    private static function category(int $id, int $products): Features
    {
        return Features::assortment(
            new Assortment(SubjectKind::Category, $id, "category-$id", 'Category', products: $products),
            W::tree(),
            W::at(),
        );
    }
}
