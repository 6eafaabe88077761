<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\ChangedRules;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\World as W;

/** Rules of which a few were compiled again decide as if all had been. */
final class ChangedRulesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 160; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_they_decide_as_rules_that_were_all_compiled_anew(int $seed): void
    {
        $chance = new Chance($seed);
        $collections = $chance->oneIn(3) ? self::collections() : RuleCollections::none();
        $before = self::some($chance, 0);
        $whole = Evaluator::of($before, 1, $collections);
        [$now, $changed] = self::changed($before, $chance);
        $changes = ChangedRules::of($whole->pack(), $whole->rest(), array_column($now, 'templateId'), $changed);
        self::assertNotNull($changes);
        // As they are kept: plain data, printed and read.
        $kept = Evaluator::unpack(self::printed($whole->pack()), self::printed($changes));
        $anew = Evaluator::of($now, 1, $collections);
        for ($page = 0; $page < 60; $page++) {
            $features = EvaluatorLawsTest::randomPage($chance);
            $pin = $chance->oneIn(6) ? $chance->number(1, 40) : null;
            self::assertEquals(
                $anew->decide($features, $pin),
                $kept->decide($features, $pin),
                "seed $seed, page $page",
            );
        }
    }

    public function test_only_what_stands_under_tokens_of_the_changed_is_another(): void
    {
        $before = [
            W::candidate(1, W::reach([[W::in(W::INK)]])),
            W::candidate(2, W::reach([[W::is('brand', 'isOneOf', 3)]])),
            W::candidate(3, W::reach([[W::is('brand', 'isOneOf', 4)]])),
        ];
        $whole = Evaluator::of($before, 1, RuleCollections::none());
        $changes = ChangedRules::of($whole->pack(), $whole->rest(), [1, 2, 3], [
            3 => W::compiler()->compile(W::reach([[W::is('brand', 'isOneOf', 5)]])),
        ]);
        self::assertNotNull($changes);
        self::assertCount(2, $changes['others']['singles'], 'that of brand 4, and that of brand 5');
        self::assertCount(1, $changes['others']['entries']);
        self::assertSame([], $changes['others']['pairs']);
    }

    public function test_another_hand_order_of_the_others_is_no_change_of_a_few(): void
    {
        $before = [W::candidate(1, W::reach([[]])), W::candidate(2, W::reach([[]])), W::candidate(3, W::reach([[]]))];
        $whole = Evaluator::of($before, 1, RuleCollections::none());
        self::assertNull(ChangedRules::of($whole->pack(), $whole->rest(), [2, 1, 3], []));
        self::assertNull(ChangedRules::of($whole->pack(), $whole->rest(), [2, 1, 3], [3 => $before[2]->reach]));
        self::assertNotNull(ChangedRules::of($whole->pack(), $whole->rest(), [3, 1, 2], [3 => $before[2]->reach]));
        self::assertNull(
            ChangedRules::of($whole->pack(), $whole->rest(), [1, 2, 3, 4], []),
            'one that is live now and was not has to be said',
        );
    }

    public function test_among_very_many_that_share_a_brand_or_a_tag_the_one_with_both_is_found(): void
    {
        foreach ([false, true] as $shareTheTag) {
            $candidates = [];
            for ($number = 1; $number <= 60; $number++) {
                $other = 100 + ($number === 60 ? 0 : $number);
                $candidates[] = W::candidate($number, W::reach([[
                    W::is('brand', 'isOneOf', $shareTheTag ? $other : 100),
                    W::is('tag', 'hasAnyOf', $shareTheTag ? 100 : $other),
                ]]));
            }
            $page = W::page(brand: 100, tags: [100]);

            self::assertSame(60, Evaluator::of($candidates, 1, RuleCollections::none())->decide($page)->templateId);
        }
    }

    /** @return list<Candidate> all of them live, with numbers from the one after */
    private static function some(Chance $chance, int $after): array
    {
        $some = [];
        for ($times = $chance->number(0, 2); $times >= 0; $times--) {
            foreach (EvaluatorLawsTest::randomCandidates($chance) as $one) {
                $some[] = new Candidate(++$after, true, $one->reach);
            }
        }

        return $some;
    }

    /**
     * @param  list<Candidate>  $before
     * @return array{list<Candidate>, array<int, CompiledReach>} those that are live now; and of them, what changed
     */
    private static function changed(array $before, Chance $chance): array
    {
        $others = self::some($chance, count($before));
        [$now, $changed] = [$before, []];
        for ($times = $chance->number(0, 5); $times > 0 && $now !== [] && $others !== []; $times--) {
            $at = $chance->number(0, count($now) - 1);
            $other = array_pop($others);
            match ($chance->number(1, 3)) {
                1 => array_splice($now, $at, 1),
                2 => array_splice($now, $at, 0, [$other]),
                default => $now[$at] = new Candidate($now[$at]->templateId, true, $other->reach),
            };
        }
        $known = array_column($before, 'reach', 'templateId');
        foreach ($now as $one) {
            if (($known[$one->templateId] ?? null) !== $one->reach) {
                $changed[$one->templateId] = $one->reach;
            }
        }

        return [array_values($now), $changed];
    }

    private static function collections(): RuleCollections
    {
        $collections = RuleCollections::of([4 => new Reach([Clause::of(W::is('sale', 'isOn'))])], W::compiler());
        self::assertInstanceOf(RuleCollections::class, $collections);

        return $collections;
    }

    /**
     * @template T
     *
     * @param  T  $data
     * @return T
     */
    private static function printed(mixed $data): mixed
    {
        return eval('return '.var_export($data, true).';');
    }
}
