<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach\Tidy;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\Tidy\IdleClauses;
use Vestibra\Core\Reach\Tidy\TidyReach;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\EvaluatorLawsTest;
use Vestibra\Tests\Core\Reach\RandomRules;
use Vestibra\Tests\Core\Reach\World as W;

/** What is tidied up in rules changes no page, for all rules and pages: on generated ones. */
final class TidyLawsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 300; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_rules_without_what_was_deleted_match_the_same_pages_as_closely(Chance $chance): void
    {
        $tidy = new TidyReach(RuleFields::standard(), new W, PageKind::Product);
        foreach (self::reaches($chance) as $reach) {
            $tidied = W::compiler()->compile($tidy->of($reach));
            $before = W::compiler()->compile($reach);
            foreach (self::pages($chance) as $page) {
                self::assertEquals(
                    $before->match($page)?->closeness,
                    $tidied->match($page)?->closeness,
                    "seed $chance->seed",
                );
                self::assertSame(
                    $before->keptOffBy($page) === null,
                    $tidied->keptOffBy($page) === null,
                    "seed $chance->seed",
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_without_an_idle_clause_every_page_keeps_its_template(Chance $chance): void
    {
        $reaches = self::reaches($chance);
        $before = self::candidates($reaches);
        foreach (IdleClauses::find($before, W::tree()) as $idle) {
            $reach = $reaches[$idle->templateId];
            $show = $reach->show;
            unset($show[$idle->clause]);
            $after = self::candidates([$idle->templateId => new Reach(
                array_values($show),
                $reach->keepOff,
                $reach->season,
                $reach->goesFirst,
            )] + $reaches);
            [$had, $has] = [W::evaluator($before), W::evaluator($after)];
            foreach (self::pages($chance) as $page) {
                self::assertSame(
                    $had->decide($page)->templateId,
                    $has->decide($page)->templateId,
                    "seed $chance->seed: clause $idle->clause of $idle->templateId, held by $idle->heldBy",
                );
            }
        }
        self::assertNotEmpty($reaches);
    }

    public function test_what_was_deleted_goes_wherever_it_stands_unless_conditions_would_become_one(): void
    {
        $tidy = new TidyReach(RuleFields::standard(), new W, PageKind::Product);
        $gift = W::is('tag', 'hasAnyOf', W::GIFT);
        $torn = W::is('tag', 'hasAnyOf', W::GIFT, W::DELETED);
        $dead = W::is('brand', 'isOneOf', W::DELETED);
        self::assertEquals(
            W::reach([[$gift]], [[W::is('stock', 'isIn')]]),
            $tidy->of(W::reach([[$torn], [$gift, $dead]], [[$dead], [W::is('stock', 'isIn')]])),
        );
        $both = W::reach([[$torn, $gift]]);
        self::assertEquals($both, $tidy->of($both), 'Two conditions are closer than one.');
    }

    public function test_the_rules_drawn_have_idle_clauses_and_deleted_names(): void
    {
        $idle = $own = $tidied = 0;
        $tidy = new TidyReach(RuleFields::standard(), new W, PageKind::Product);
        foreach (self::seeds() as [$chance]) {
            $reaches = self::reaches($chance);
            foreach (IdleClauses::find(self::candidates($reaches), W::tree()) as $one) {
                $one->heldBy === $one->templateId ? $own++ : $idle++;
            }
            foreach ($reaches as $reach) {
                $tidied += $tidy->of($reach) == $reach ? 0 : 1;
            }
        }

        self::assertGreaterThan(100, $idle);
        self::assertGreaterThan(40, $own);
        self::assertGreaterThan(150, $tidied);
    }

    /**
     * Rules of few fields, so that they often hold one another.
     *
     * @return array<int, Reach> by template
     */
    private static function reaches(Chance $chance): array
    {
        $draw = new Chance($chance->seed);
        $reader = new ReachReader(RuleFields::standard(), ShopZone::of('Europe/London'), PageKind::Product);
        $rules = new RandomRules($draw, [
            'category' => [W::INK, W::BOTTLED, W::SHIMMER, W::PENS, W::DELETED],
            'brand' => [W::OSTRELVE, W::HALLORME, W::DELETED],
            'tag' => [W::GIFT, W::LETTERS, W::DELETED],
            'collection' => [4, 5],
            'product' => [W::PRODUCT, 8],
            'option' => [1, 2, 3],
            'option-value' => [1, 2, 3, 4],
        ],
            [new Fact(1, 'Material', FactKind::Text), new Fact(2, 'Width', FactKind::Number)]);
        $reaches = [];
        $pool = $rules->clauses(4, 4);
        for ($id = 1; $id <= 5; $id++) {
            $drawn = $rules->reach();
            $show = [];
            foreach (range(1, $draw->number(1, 3)) as $at) {
                // One of a few, alone or narrowed, or another one.
                $show[] = match ($draw->number(0, 3)) {
                    0 => $draw->pick($pool),
                    1 => [...$draw->pick($pool), $rules->condition()->toArray()],
                    2 => [$rules->condition()->toArray()],
                    default => $drawn['show'][$at - 1] ?? [],
                };
            }
            $reach = $reader->parse(['show' => $show] + $drawn);
            self::assertInstanceOf(Reach::class, $reach);
            $reaches[$id] = $reach;
        }

        return $reaches;
    }

    /**
     * @param  array<int, Reach>  $reaches
     * @return list<Candidate>
     */
    private static function candidates(array $reaches): array
    {
        ksort($reaches);
        $candidates = [];
        foreach ($reaches as $id => $reach) {
            $candidates[] = W::candidate($id, $reach, live: $id !== 4);
        }

        return $candidates;
    }

    /** @return list<Features> */
    private static function pages(Chance $chance): array
    {
        return array_map(
            static fn (int $more): Features => EvaluatorLawsTest::randomPage(new Chance($chance->seed * 31 + $more)),
            range(1, 25),
        );
    }
}
