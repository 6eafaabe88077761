<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Loser;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\Verdict;
use Vestibra\Tests\Core\Reach\World as W;

/** For every template that did not win, the first reason that applies. */
final class ReasonsTest extends TestCase
{
    public function test_less_close_and_later_in_hand_order(): void
    {
        $verdict = $this->explain(W::page([W::SHIMMER]), [
            W::candidate(1, W::reach([[W::in(W::BOTTLED)]])),
            W::candidate(2, W::reach([[W::in(W::INK)]])),
            W::candidate(3, W::reach([[W::in(W::BOTTLED)]])),
        ]);

        self::assertSame(1, $verdict->templateId);
        self::assertSame(Reason::LessClose, $this->loser($verdict, 2)->reason);
        self::assertSame([0, 1, 1, 0], $this->loser($verdict, 2)->closeness?->toArray());
        self::assertSame(Reason::LaterInHandOrder, $this->loser($verdict, 3)->reason);
        self::assertSame(Reason::NotNeeded, $this->loser($verdict, 0)->reason);
    }

    public function test_no_clause_matched_names_the_clause_with_the_fewest_failures(): void
    {
        $gift = W::is('tag', 'hasAnyOf', W::GIFT);
        $verdict = $this->explain(W::page([W::INK], W::OSTRELVE), [
            W::candidate(1, W::reach([
                [W::in(W::PENS), $gift],
                [W::is('brand', 'isOneOf', W::OSTRELVE), $gift],
                [W::in(W::PENS), W::in(W::INK)],
            ])),
        ]);

        self::assertSame(Reason::NoClauseMatched, $this->loser($verdict, 1)->reason);
        self::assertSame(1, $this->loser($verdict, 1)->clause);
        self::assertEquals([$gift], $this->loser($verdict, 1)->failed);
    }

    public function test_kept_off_names_the_clause(): void
    {
        $verdict = $this->explain(W::page([W::INK], W::OSTRELVE), [
            W::candidate(1, W::reach([[W::in(W::INK)]], [[W::in(W::PENS)], [W::is('brand', 'isOneOf', W::OSTRELVE)]])),
        ]);

        self::assertSame(Reason::KeptOff, $this->loser($verdict, 1)->reason);
        self::assertSame(1, $this->loser($verdict, 1)->clause);
    }

    public function test_a_pin_decides_over_what_matches(): void
    {
        $verdict = $this->explain(
            W::page([W::INK]),
            [W::candidate(1, W::reach([[W::in(W::INK)]])), W::candidate(2, new Reach)],
            pin: 2,
        );

        self::assertSame(2, $verdict->templateId);
        self::assertSame(Reason::PinDecides, $this->loser($verdict, 1)->reason);
    }

    public function test_a_draft_says_whether_it_would_win(): void
    {
        $verdict = $this->explain(W::page([W::SHIMMER]), [
            W::candidate(1, W::reach([[W::in(W::SHIMMER)]]), live: false),
            W::candidate(2, W::reach([[W::in(W::INK)]]), live: false),
            W::candidate(3, W::reach([[W::in(W::BOTTLED)]])),
            W::candidate(4, W::reach([[W::in(W::BOTTLED)]]), live: false),
            W::candidate(5, W::reach([[W::in(W::SHIMMER)]], [[W::in(W::INK)]]), live: false),
        ]);

        self::assertSame(3, $verdict->templateId);
        foreach ([1 => true, 2 => false, 4 => false, 5 => false] as $id => $wouldWin) {
            self::assertSame(Reason::NotLive, $this->loser($verdict, $id)->reason);
            self::assertSame($wouldWin, $this->loser($verdict, $id)->wouldWin, "template $id");
        }
    }

    public function test_a_draft_as_close_but_earlier_would_win(): void
    {
        $verdict = $this->explain(W::page([W::INK]), [
            W::candidate(1, W::reach([[W::in(W::INK)]]), live: false),
            W::candidate(2, W::reach([[W::in(W::INK)]])),
        ]);

        self::assertTrue($this->loser($verdict, 1)->wouldWin);
    }

    public function test_out_of_season_says_whether_it_would_win(): void
    {
        $over = Season::of(null, W::at('2026-01-01T00:00:00Z'));
        $verdict = $this->explain(W::page([W::BOTTLED]), [
            W::candidate(1, new Reach([Clause::of(W::in(W::INK))], [], $over)),
            W::candidate(2, new Reach([Clause::of(W::in(W::BOTTLED))], [], $over)),
            W::candidate(3, W::reach([[W::in(W::BOTTLED)]])),
            W::candidate(
                4,
                new Reach([Clause::of(W::in(W::BOTTLED))], [Clause::of(W::in(W::INK))], $over, goesFirst: true),
            ),
        ]);

        self::assertSame(3, $verdict->templateId);
        foreach ([1 => false, 2 => true, 4 => false] as $id => $wouldWin) {
            self::assertSame(Reason::OutOfSeason, $this->loser($verdict, $id)->reason);
            self::assertSame($wouldWin, $this->loser($verdict, $id)->wouldWin, "template $id");
        }
    }

    public function test_of_clauses_that_are_equally_close_the_first_is_named(): void
    {
        $clauses = [[W::is('brand', 'isOneOf', 3)], [W::is('tag', 'hasAnyOf', 5)], [W::is('collection', 'isIn', 7)]];
        foreach ([[0, 1, 2], [0, 2, 1], [1, 0, 2], [1, 2, 0], [2, 0, 1], [2, 1, 0]] as $order) {
            $reach = W::reach(array_map(static fn (int $number): array => $clauses[$number], $order));
            $verdict = $this->explain(W::page(brand: 3, tags: [5], collections: [7]), [W::candidate(1, $reach)]);

            self::assertSame([1, 0], [$verdict->templateId, $verdict->clause]);
        }
    }

    public function test_a_draft_would_not_win_against_a_pin(): void
    {
        $draft = W::candidate(1, W::reach([[W::is('product', 'isOneOf', W::PRODUCT)]]), live: false);
        $verdict = $this->explain(W::page(), [$draft, W::candidate(2, new Reach)], pin: 2);

        self::assertFalse($this->loser($verdict, 1)->wouldWin);
    }

    public function test_the_reasons_do_not_change_the_decision(): void
    {
        $evaluator = W::evaluator([W::candidate(1, W::reach([[W::in(W::INK)]]))]);
        $plain = $evaluator->decide(W::page([W::INK]));

        self::assertSame([], $plain->losers);
        self::assertEquals($plain->closeness, $evaluator->decide(W::page([W::INK]), withReasons: true)->closeness);
    }

    /** @param  list<\Vestibra\Core\Reach\Candidate>  $candidates */
    private function explain(\Vestibra\Core\Reach\Features $page, array $candidates, ?int $pin = null): Verdict
    {
        return W::evaluator($candidates)->decide($page, $pin, withReasons: true);
    }

    private function loser(Verdict $verdict, int $templateId): Loser
    {
        foreach ($verdict->losers as $loser) {
            if ($loser->templateId === $templateId) {
                return $loser;
            }
        }
        self::fail("Template $templateId is not among the losers.");
    }
}
