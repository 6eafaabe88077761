<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\World as W;

/** Rules that were packed and unpacked decide as before. */
final class PackedRulesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_they_decide_as_those_that_were_packed(int $seed): void
    {
        $chance = new Chance($seed);
        $candidates = EvaluatorLawsTest::randomCandidates($chance);
        $collections = RuleCollections::of(
            [4 => new Reach([\Vestibra\Core\Reach\Clause::of(W::is('sale', 'isOn'))])],
            W::compiler(),
        );
        self::assertInstanceOf(RuleCollections::class, $collections);
        $fresh = Evaluator::of($candidates, 1, $chance->oneIn(2) ? $collections : RuleCollections::none());
        // As it is kept: plain data, printed and read.
        $kept = Evaluator::unpack(eval('return '.var_export($fresh->pack(), true).';'));
        for ($page = 0; $page < 40; $page++) {
            $features = EvaluatorLawsTest::randomPage($chance);
            $pin = $chance->oneIn(6) ? $chance->number(1, 14) : null;
            self::assertEquals(
                $fresh->decide($features, $pin),
                $kept->decide($features, $pin),
                "seed $seed, page $page",
            );
        }
    }

    public function test_they_hold_plain_values_alone(): void
    {
        $packed = Evaluator::of(
            [W::candidate(1, W::reach([[W::in(W::INK)]], [[W::is('brand', 'isOneOf', 3)]]))],
            1,
            RuleCollections::none(),
        )->pack();
        array_walk_recursive($packed, static fn (mixed $value) => self::assertTrue($value === null
            || is_scalar($value)));
        self::assertCount(1, $packed['others']['guards']);
    }

    public function test_they_give_no_reasons_and_are_not_packed_again(): void
    {
        $kept = Evaluator::unpack(Evaluator::of([W::candidate(1, W::reach([[]]))], 1, RuleCollections::none())->pack());
        self::assertSame(1, $kept->decide(W::page())->templateId);
        foreach ([static fn () => $kept->decide(W::page(), withReasons: true), $kept->pack(...)] as $asked) {
            try {
                $asked();
                self::fail('It should have been refused.');
            } catch (LogicException $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }
}
