<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\Core\Chance;

/**
 * What edits and taking back promise to whoever works on a page, as laws over generated trees: whatever is built anew
 * keeps them.
 */
final class PromisesOfEditsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    /** What a tree may hold is what its reader reads: no move goes beyond that, and none is refused short of it. */
    #[DataProvider('seeds')]
    public function test_a_block_moves_as_deep_as_a_tree_may_be_and_no_deeper(Chance $chance): void
    {
        $target = self::nested('t', $chance->number(1, TreeReader::MAX_DEPTH - 3));
        $moved = self::nested('m', $chance->number(1, TreeReader::MAX_DEPTH - 3));
        $draft = new Draft(
            Trees::node('page', 'page', [
                Trees::node('band', 'band', [Trees::node('column', 'column', [$target, $moved])]),
            ]),
            new Reach,
        );
        $holders = array_values(array_filter(
            iterator_to_array($target->walk(), false),
            static fn (Node $one): bool => $one->kind === 'holder',
        ));
        $parent = $chance->pick([Trees::node('column', 'column'), ...$holders]);
        $after = $parent->id === 'column' ? 't1' : null;
        $done = (new Move('m1', $parent->id, $after))->apply($draft, Trees::schema());

        $wanted = $draft->tree->without('m1')->withChild($parent->id, $after, $moved);
        $read = Trees::reader()->parseTree((array) json_decode((string) json_encode(TreeReader::write($wanted)), true));
        if ($read instanceof Node) {
            self::assertInstanceOf(EditResult::class, $done, "seed $chance->seed");
            self::assertEquals($wanted, $done->draft->tree);
        } else {
            self::assertSame(TreeProblem::TooDeep, $done instanceof Problem ? $done->code : null, "seed $chance->seed");
        }
    }

    public function test_the_very_deepest_place_can_be_moved_to_and_from(): void
    {
        $levels = TreeReader::MAX_DEPTH - 3;
        $deep = self::nested('t', $levels);
        foreach ([0 => true, 1 => false] as $more => $goes) {
            $moved = self::nested('m', 1 + $more);
            $draft = new Draft(
                Trees::node('page', 'page', [
                    Trees::node('band', 'band', [Trees::node('column', 'column', [$deep, $moved])]),
                ]),
                new Reach,
            );
            $into = 't'.($levels - 1);
            $done = (new Move('m1', $into, null))->apply($draft, Trees::schema());
            self::assertSame($goes, $done instanceof EditResult);
            if ($done instanceof EditResult) {
                $back = $done->inverse->apply($done->draft, Trees::schema());
                self::assertEquals($draft->tree, $back instanceof EditResult ? $back->draft->tree : null);
            }
        }
    }

    /** A move still stands exactly as long as making it again would change nothing. */
    #[DataProvider('seeds')]
    public function test_a_move_stands_as_long_as_nobody_has_put_anything_between(Chance $chance): void
    {
        $draft = self::row(6);
        $mine = self::anyMove($chance, 6);
        $done = $mine->apply($draft, Trees::schema());
        self::assertInstanceOf(EditResult::class, $done);
        self::assertTrue($mine->stands($done->draft));
        $now = $done->draft;
        for ($step = 0; $step < $chance->number(1, 4); $step++) {
            $next = $chance->oneIn(3)
                ? new Insert(Trees::node("n$step", 'text'), 'column', $chance->pick([null, ...self::ids($now)]))
                : self::anyMove($chance, 6);
            $applied = $next->apply($now, Trees::schema());
            $now = $applied instanceof EditResult ? $applied->draft : $now;
        }
        $again = $mine->apply($now, Trees::schema());
        $changesNothing = $again instanceof EditResult && self::ids($again->draft) === self::ids($now);
        self::assertSame(
            $changesNothing,
            $mine->stands($now),
            "seed $chance->seed: ".implode(' ', self::ids($now)),
        );
    }

    /**
     * Whatever went meanwhile, what comes back stands between those it stood between, as far as they are still there.
     */
    #[DataProvider('seeds')]
    public function test_what_comes_back_keeps_its_place_among_those_that_stayed(Chance $chance): void
    {
        $draft = self::row(8);
        $order = self::ids($draft);
        $history = $steps = [];
        $out = $chance->some($order, 6);
        foreach ($out as $at => $id) {
            [$draft, $step] = self::step($draft, new Remove($id));
            $history[] = $step;
            $steps[$id] = $step;
            // Somebody else puts something new in, too.
            if ($chance->oneIn(3)) {
                [$draft, $history[]] = self::step(
                    $draft,
                    new Insert(Trees::node("new$at", 'text'), 'column', $chance->pick([null, ...self::ids($draft)])),
                );
            }
        }
        foreach ($chance->some(array_values($out), count($out)) as $id) {
            $back = (new TakingBack(Trees::schema()))->of($steps[$id], $draft, $history);
            self::assertInstanceOf(Stepped::class, $back, "seed $chance->seed");
            $history[] = new Step($back->edits, $back->inverses);
            $draft = $back->draft;
            $there = array_values(array_intersect(self::ids($draft), $order));
            self::assertSame(
                array_values(array_intersect($order, $there)),
                $there,
                "seed $chance->seed: $id came back",
            );
        }
    }

    /** Those that stood before it may have gone: it comes back to where they stood, not to the beginning. */
    #[DataProvider('seeds')]
    public function test_what_was_moved_comes_back_to_its_place_though_its_neighbours_have_gone(Chance $chance): void
    {
        $draft = self::row(8);
        $order = self::ids($draft);
        $at = $chance->number(2, 7);
        $mine = $order[$at];
        [$draft, $moved] = self::step(
            $draft,
            new Move($mine, 'column', $chance->pick([null, ...array_slice($order, $at + 1)])),
        );
        $history = [$moved];
        $gone = array_slice($order, $at - $chance->number(1, min(3, $at - 1)), $at);
        $gone = array_values(
            array_filter($gone, static fn (string $one): bool => array_search($one, $order, true) < $at),
        );
        foreach ($gone as $one) {
            [$draft, $history[]] = self::step($draft, new Remove($one));
        }
        $back = (new TakingBack(Trees::schema()))->of($moved, $draft, $history);
        self::assertInstanceOf(Stepped::class, $back);
        self::assertSame(array_values(array_diff($order, $gone)), self::ids($back->draft), "seed $chance->seed");
    }

    /** @return array{Draft, Step} */
    private static function step(Draft $draft, Remove|Insert|Move $edit): array
    {
        $done = $edit->apply($draft, Trees::schema());
        self::assertInstanceOf(EditResult::class, $done);

        return [$done->draft, new Step([$edit], [$done->inverse])];
    }

    private static function anyMove(Chance $chance, int $blocks): Move
    {
        $id = $chance->number(1, $blocks);
        $after = $chance->number(0, $blocks);

        return new Move("b$id", 'column', $after === 0 ? null : 'b'.($after === $id ? ($after % $blocks) + 1 : $after));
    }

    /** A column of so many blocks. */
    private static function row(int $blocks): Draft
    {
        return new Draft(
            Trees::node('page', 'page', [Trees::node('band', 'band', [Trees::node(
                'column',
                'column',
                array_map(static fn (int $at): Node => Trees::node("b$at", 'text'), range(1, $blocks)),
            )])]),
            new Reach,
        );
    }

    /** @return list<string> */
    private static function ids(Draft $draft): array
    {
        return Trees::shape($draft->tree)['column'] ?? [];
    }

    /** Holders in one another, so many levels, with a text in the last. */
    private static function nested(string $mark, int $levels): Node
    {
        $node = Trees::node("$mark$levels", 'text');
        for ($level = $levels - 1; $level >= 1; $level--) {
            $node = Trees::node("$mark$level", 'holder', [$node]);
        }

        return $node;
    }
}
