<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\DecidedBy;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\World as W;

/** Laws that hold for all rules and pages, on generated ones. */
final class EvaluatorLawsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 300; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_templates_that_do_not_match_change_nothing(Chance $chance): void
    {
        $page = self::randomPage($chance);
        $candidates = self::randomCandidates($chance);
        $verdict = W::evaluator($candidates)->decide($page);
        $matching = array_values(array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->live
            && $candidate->reach->match($page) !== null));
        $without = W::evaluator($matching)->decide($page);

        self::assertSame($verdict->templateId, $without->templateId, "seed $chance->seed");
        self::assertEquals(
            [$verdict->step, $verdict->clause, $verdict->closeness],
            [$without->step, $without->clause, $without->closeness],
        );
    }

    #[DataProvider('seeds')]
    public function test_the_winner_is_as_close_as_any_other_that_matches(Chance $chance): void
    {
        $page = self::randomPage($chance);
        $verdict = W::evaluator($candidates = self::randomCandidates($chance))->decide($page);
        $seenWinner = false;
        foreach ($candidates as $candidate) {
            $match = $candidate->live ? $candidate->reach->match($page) : null;
            $seenWinner = $seenWinner || $candidate->templateId === $verdict->templateId;
            if ($match === null || $verdict->closeness === null) {
                self::assertTrue($match === null || $verdict->step !== DecidedBy::Fallback, "seed $chance->seed");

                continue;
            }
            $order = [(int) $candidate->reach->goesFirst, ...$match->closeness->toArray()] <=> [
                (int) ($verdict->step === DecidedBy::GoesFirst),
                ...$verdict->closeness->toArray(),
            ];
            self::assertTrue(
                $order < 0 || ($order === 0 && $seenWinner),
                "seed $chance->seed: template $candidate->templateId",
            );
        }
    }

    #[DataProvider('seeds')]
    public function test_every_other_template_has_one_reason_that_is_true(Chance $chance): void
    {
        $page = self::randomPage($chance);
        $candidates = self::randomCandidates($chance);
        $verdict = W::evaluator($candidates)->decide($page, withReasons: true);
        self::assertCount(count($candidates), $verdict->losers);
        $byId = array_column($candidates, null, 'templateId');
        foreach ($verdict->losers as $loser) {
            $candidate = $byId[$loser->templateId] ?? null;
            if ($candidate === null) {
                self::assertSame(Reason::NotNeeded, $loser->reason);

                continue;
            }
            $closest = $candidate->reach->closest($page);
            self::assertSame(match (true) {
                ! $candidate->live => Reason::NotLive,
                ! $candidate->reach->season->holds($page->at) => Reason::OutOfSeason,
                $closest === null => Reason::NoClauseMatched,
                $candidate->reach->keptOffBy($page) !== null => Reason::KeptOff,
                $verdict->step === DecidedBy::GoesFirst && ! $candidate->reach->goesFirst => Reason::AnotherGoesFirst,
                $verdict->closeness !== null && $closest->closeness->compare($verdict->closeness) < 0 =>
                    Reason::LessClose,
                default => Reason::LaterInHandOrder,
            }, $loser->reason, "seed $chance->seed: template $loser->templateId");
        }
    }

    #[DataProvider('seeds')]
    public function test_a_draft_that_would_win_does_win_once_live(Chance $chance): void
    {
        $page = self::randomPage($chance);
        $candidates = self::randomCandidates($chance);
        foreach (W::evaluator($candidates)->decide($page, withReasons: true)->losers as $loser) {
            if ($loser->reason === Reason::NotLive) {
                $published = array_map(
                    static fn (Candidate $one): Candidate => $one->templateId === $loser->templateId
                        ? new Candidate($one->templateId, true, $one->reach)
                        : $one,
                    $candidates,
                );
                self::assertSame(
                    $loser->wouldWin,
                    W::evaluator($published)->decide($page)->templateId === $loser->templateId,
                    "seed $chance->seed",
                );
            }
        }
        self::assertNotEmpty($candidates);
    }

    #[DataProvider('seeds')]
    public function test_the_index_finds_what_a_plain_search_through_all_clauses_finds(Chance $chance): void
    {
        $page = self::randomPage($chance);
        $candidates = self::randomCandidates($chance);
        $best = null;
        foreach ($candidates as $candidate) {
            $match = $candidate->live ? $candidate->reach->match($page) : null;
            $rank = $match === null ? null : [(int) $candidate->reach->goesFirst, ...$match->closeness->toArray()];
            if ($match !== null && ($best === null || $rank > $best[0])) {
                $best = [$rank, $candidate->templateId, $match->clause];
            }
        }
        $verdict = W::evaluator($candidates)->decide($page);

        self::assertSame(
            [$best[1] ?? 0, $best[2] ?? null],
            [$verdict->templateId, $verdict->clause],
            "seed $chance->seed",
        );
    }

    #[DataProvider('seeds')]
    public function test_the_clock_alone_changes_nothing_before_the_horizon(Chance $chance): void
    {
        $candidates = self::randomCandidates($chance);
        $page = self::randomPage($chance);
        $verdict = W::evaluator($candidates)->decide($page);
        foreach (RandomRules::INSTANTS as $instant) {
            $later = W::at($instant)->getTimestamp();
            if ($later > $page->at && ($verdict->until === null || $later < $verdict->until)) {
                self::assertSame(
                    $verdict->templateId,
                    W::evaluator($candidates)
                        ->decide(self::randomPage(new Chance($chance->seed), $instant))->templateId,
                    "seed $chance->seed at $instant",
                );
            }
        }
        self::assertTrue($verdict->until === null || $verdict->until > $page->at);
    }

    public static function randomPage(Chance $chance, ?string $at = null): Features
    {
        $draw = new Chance($chance->seed * 7);
        $in = $draw->oneIn(5) ? [] : $draw->some([W::INK, W::BOTTLED, W::SHIMMER, W::PENS, W::FOUNTAIN], 2);
        $counted = $draw->oneIn(2);
        $instant = $draw->pick(RandomRules::INSTANTS);

        return Features::of(PageKind::Product, W::PRODUCT, W::at($at ?? $instant), [
            Aspect::Product->value => [W::PRODUCT],
            Aspect::CategoryExactly->value => $in,
            Aspect::CategoryWithin->value => W::tree()->upwards($in),
            Aspect::Brand->value => $draw->pick([[], [W::OSTRELVE], [W::HALLORME]]),
            Aspect::Tag->value => $draw->oneIn(3) ? [] : $draw->some([W::GIFT, W::LETTERS], 2),
            Aspect::Collection->value => $draw->oneIn(2) ? [] : [4],
        ], array_filter([
            Quantity::Price->value => $draw->number(0, 12) * 100,
            Quantity::Sale->value => $draw->number(0, 1),
            Quantity::Stock->value => $counted ? $draw->number(0, 8) : null,
            Quantity::Supply->value => $counted ? $draw->number(0, 8) : PHP_INT_MAX,
            Quantity::Reviews->value => $draw->number(0, 4),
            Quantity::Added->value => W::at($draw->pick(RandomRules::INSTANTS))->getTimestamp()
                - $draw->number(0, 3) * 86_400,
            Quantity::Pictures->value => $draw->number(0, 4),
            Quantity::Variants->value => $draw->number(0, 4),
            Quantity::Described->value => $draw->number(0, 1),
            'stars' => $draw->number(0, 20),
        ], is_int(...)), $draw->some(['teal', 'ink', 'strasse', '14'], 3), [[1 => 1, 2 => 3], [1 => 2]],
            $draw->oneIn(2) ? [] : [1 => ['resin'], 2 => [4], 3 => ['yes']]);
    }

    /** @return list<Candidate> */
    public static function randomCandidates(Chance $chance): array
    {
        $reader = new ReachReader(RuleFields::standard(), ShopZone::of('Europe/London'), PageKind::Product);
        $rules = new RandomRules($chance, [
            'category' => [W::INK, W::BOTTLED, W::SHIMMER, W::PENS, W::FOUNTAIN, W::DELETED],
            'brand' => [W::OSTRELVE, W::HALLORME, W::DELETED],
            'tag' => [W::GIFT, W::LETTERS, W::DELETED],
            'collection' => [4, 5],
            'product' => [W::PRODUCT, 8],
            'option' => [1, 2, 3],
            'option-value' => [1, 2, 3, 4],
        ],
            [
                new Fact(1, 'Material', FactKind::Text),
                new Fact(2, 'Width', FactKind::Number),
                new Fact(3, 'Refillable', FactKind::YesNo),
            ]);
        $candidates = [];
        for ($id = 1; $id <= $chance->number(1, 8); $id++) {
            $reach = $reader->parse($rules->reach());
            self::assertInstanceOf(Reach::class, $reach);
            $candidates[] = W::candidate($id, $reach, live: ! $chance->oneIn(4));
        }

        return $candidates;
    }
}
