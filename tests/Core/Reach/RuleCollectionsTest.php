<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Tests\Core\Reach\World as W;

final class RuleCollectionsTest extends TestCase
{
    public function test_a_page_is_in_a_collection_whose_rule_matches_and_the_rule_adds_nothing_to_closeness(): void
    {
        $collections = $this->collections([20 => W::reach([[W::in(W::INK), W::is('brand', 'isOneOf', W::OSTRELVE)]])]);
        $template = new Candidate(1, true, W::compiler()->compile(W::reach([[W::is('collection', 'isIn', 20)]])));
        $evaluator = Evaluator::of([$template], 0, $collections);

        self::assertSame(
            [1, [0, 1, 0, 0]],
            [($in = $evaluator->decide(W::page([W::SHIMMER], W::OSTRELVE)))->templateId, $in->closeness?->toArray()],
        );
        self::assertSame(0, $evaluator->decide(W::page([W::SHIMMER]))->templateId);
    }

    public function test_a_rule_may_name_another_collection_by_rule_in_any_order(): void
    {
        $collections = $this->collections([
            20 => W::reach([[W::is('collection', 'isIn', 21)]]),
            21 => W::reach([[W::in(W::PENS)]], [[W::is('collection', 'isIn', 22)]]),
            22 => W::reach([[W::is('tag', 'hasAnyOf', W::GIFT)]]),
        ]);

        $page = $collections->judge(W::page([W::FOUNTAIN]));
        $reach = static fn (int $id) => W::compiler()->compile(W::reach([[W::is('collection', 'isIn', $id)]]));
        self::assertNotNull($reach(20)->match($page));
        self::assertNull($reach(20)->match($collections->judge(W::page([W::FOUNTAIN], null, [W::GIFT]))));
    }

    public function test_cycles_of_any_length_are_refused_with_their_members(): void
    {
        self::assertSame(
            [20],
            RuleCollections::of([20 => W::reach([[W::is('collection', 'isIn', 20)]])], W::compiler()),
        );
        $cycle = RuleCollections::of([
            19 => W::reach([[W::is('collection', 'isIn', 20)]]),
            20 => W::reach([[W::is('collection', 'isIn', 21)]]),
            21 => W::reach([[]], [[W::is('collection', 'isIn', 22)]]),
            22 => W::reach([[W::is('collection', 'isIn', 20)]]),
            23 => W::reach([[]]),
        ], W::compiler());
        self::assertSame([20, 21, 22], $cycle);
    }

    /** @param  array<int, Reach>  $rules */
    private function collections(array $rules): RuleCollections
    {
        $collections = RuleCollections::of($rules, W::compiler());
        self::assertInstanceOf(RuleCollections::class, $collections);

        return $collections;
    }
}
