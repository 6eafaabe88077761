<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\CarriedOver;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\Core\Chance;

/** What two people who work on one page at the same time can rely on, on generated pages and edits. */
final class TwoPeopleTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_edits_that_do_not_cross_come_to_the_same_page_in_either_order(Chance $chance): void
    {
        for ($pair = 0; $pair < 30; $pair++) {
            $draft = DrawnEdits::draft($chance);
            $one = DrawnEdits::fitting($chance, $draft, 'one');
            $other = DrawnEdits::fitting($chance, $draft, 'other');
            $this->commute($draft, [$one], [$other], "seed $chance->seed, pair $pair");
        }
    }

    #[DataProvider('seeds')]
    public function test_so_do_steps_of_several_edits(Chance $chance): void
    {
        for ($pair = 0; $pair < 10; $pair++) {
            $draft = DrawnEdits::draft($chance);
            $one = DrawnEdits::step($chance, $draft, 'one', $chance->number(1, 3))->edits;
            $other = DrawnEdits::step($chance, $draft, 'other', $chance->number(1, 3))->edits;
            $this->commute($draft, $one, $other, "seed $chance->seed, pair $pair");
        }
    }

    public function test_two_blocks_behind_one_neighbour_stand_in_the_order_of_their_ids(): void
    {
        $draft = Trees::draft();
        $one = new Insert(Trees::node('aaa', 'text'), 'right', 'title');
        $other = new Insert(Trees::node('bbb', 'text'), 'right', 'title');
        foreach ([[$one, $other], [$other, $one]] as [$first, $second]) {
            $made = self::made($draft, [$first]);
            $done = self::made($made->draft, CarriedOver::edits(
                [$second],
                [[DrawnEdits::made($made), false]],
                $made->draft->tree,
            ));
            self::assertSame(['title', 'aaa', 'bbb', 'price', 'holder'], Trees::shape($done->draft->tree)['right']);
        }
    }

    /** Whoever knows of the other's block has said behind whom theirs is to stand. */
    public function test_what_is_put_in_knowing_of_the_other_stands_where_it_was_put(): void
    {
        $made = self::made(Trees::draft(), [new Insert(Trees::node('aaa', 'text'), 'right', 'title')]);
        $mine = new Insert(Trees::node('bbb', 'text'), 'right', 'title');
        $known = CarriedOver::edits([$mine], [[DrawnEdits::made($made), true]], $made->draft->tree);

        self::assertEquals([$mine], $known);
    }

    /** As if a block had been put there before all the others did. */
    #[DataProvider('seeds')]
    public function test_a_place_is_found_where_a_reader_would_look_for_it(Chance $chance): void
    {
        for ($run = 0; $run < 10; $run++) {
            $draft = DrawnEdits::draft($chance);
            $mine = self::place($chance, $draft);
            $marked = self::made($draft, [$mine])->draft;
            $since = [];
            for ($step = 0; $step < $chance->number(1, 6); $step++) {
                $edit = DrawnEdits::fitting($chance, $draft, "y$step");
                $done = self::made($draft, [$edit]);
                $also = $edit->apply($marked, Trees::schema());
                self::assertInstanceOf(EditResult::class, $also);
                [$draft, $marked] = [$done->draft, $also->draft];
                $since[] = [DrawnEdits::made($done), false];
            }
            [$carried] = CarriedOver::edits([$mine], $since, $draft->tree);
            $parent = $draft->tree->find($mine->parent);
            if ($parent !== null) {
                $found = self::made($draft, [$carried])->draft;
                self::assertSame(
                    self::ids($marked->tree->find($mine->parent)),
                    self::ids($found->tree->find($mine->parent)),
                    "seed $chance->seed, run $run",
                );
            }
        }
    }

    /** Two people who each see the other's work late, and take back their own. */
    #[DataProvider('seeds')]
    public function test_the_log_made_once_more_is_the_page(Chance $chance): void
    {
        $start = $draft = DrawnEdits::draft($chance);
        $log = $seen = [];
        $late = ['a' => $draft, 'b' => $draft];
        for ($step = 0; $step < 20; $step++) {
            $who = $chance->pick(['a', 'b']);
            $edits = DrawnEdits::step($chance, $late[$who], "$who$step", $chance->number(1, 2))->edits;
            $since = array_map(
                static fn (array $made): array => [$made[1], $made[0] === $who],
                array_slice($log, $seen[$who] ?? 0),
            );
            $done = Stepped::by(CarriedOver::edits($edits, $since, $draft->tree), $draft, Trees::schema());
            if ($done instanceof Stepped) {
                $draft = $done->draft;
                $log[] = [$who, DrawnEdits::made($done)];
            }
            if (! $done instanceof Stepped || $chance->oneIn(2)) {
                [$late[$who], $seen[$who]] = [$draft, count($log)];
            }
        }
        $again = $start;
        foreach ($log as [, $made]) {
            $again = self::made($again, $made->edits)->draft;
        }
        self::assertEquals(TreeReader::write($draft->tree), TreeReader::write($again->tree));
        self::assertNotSame([], $log);
    }

    /** Where nobody is told that they cross, nothing changes but what the step itself had changed. */
    #[DataProvider('seeds')]
    public function test_what_is_taken_back_takes_nothing_from_anybody(Chance $chance): void
    {
        $draft = DrawnEdits::draft($chance);
        $history = $own = [];
        for ($step = 0; $step < 25; $step++) {
            $done = DrawnEdits::step($chance, $draft, "s$step", $chance->number(1, 2));
            $draft = $done->draft;
            $history[] = $made = DrawnEdits::made($done);
            $own[] = $chance->oneIn(2);
            if ($chance->oneIn(3)) {
                $this->takesBackAny($chance, $draft, $history, $own);
            }
        }
        self::assertCount(25, $history);
    }

    /**
     * @param  non-empty-list<Step>  $history
     * @param  list<bool>  $own
     */
    private function takesBackAny(Chance $chance, Draft $now, array $history, array $own): void
    {
        $at = $chance->number(0, count($history) - 1);
        $step = $history[$at];
        $others = [];
        foreach (array_slice($history, $at + 1, preserve_keys: true) as $later => $made) {
            if ($own[$later] !== $own[$at]) {
                $others[] = $made;
            }
        }
        $back = TakingBack::crossing($step, $now, $others) === null
            ? (new TakingBack(Trees::schema()))->of($step, $now, $history)
            : null;
        if ($back instanceof Stepped) {
            self::assertOnly($step, $now, $back->draft, "seed $chance->seed, step $at of ".count($history));
            foreach ($others as $made) {
                foreach ($made->edits as $edit) {
                    foreach ($edit->touches()->brings as $node) {
                        self::assertSame(
                            $now->tree->find($node->id) === null,
                            $back->draft->tree->find($node->id) === null && ! self::movesIn($step, $node->id),
                            "seed $chance->seed: {$node->id} of somebody else",
                        );
                    }
                }
            }
        }
    }

    /** What the step had not changed is as before. */
    private static function assertOnly(Step $step, Draft $before, Draft $after, string $case): void
    {
        $arranged = $decided = [];
        foreach ($step->edits as $edit) {
            $touches = $edit->touches();
            $arranged = [...$arranged, ...$touches->works, ...$touches->ends];
            $arranged = [...$arranged, ...array_map(static fn (Node $node): string => $node->id, $touches->brings)];
            $decided += $edit::kind()->decided($edit->toArray());
        }
        foreach ($before->tree->walk() as $node) {
            $now = $after->tree->find($node->id);
            if ($now === null) {
                continue;
            }
            self::assertSame(
                array_values(array_intersect(array_diff(self::ids($node), $arranged), self::ids($now))),
                array_values(array_intersect(array_diff(self::ids($now), $arranged), self::ids($node))),
                "$case: the order in $node->id",
            );
            foreach (self::settings($node) + self::settings($now) as $key => $_) {
                if (! isset($decided[$key])) {
                    self::assertSame(
                        self::settings($node)[$key] ?? null,
                        self::settings($now)[$key] ?? null,
                        "$case: $key",
                    );
                }
            }
        }
    }

    /** @return array<string, mixed> by what an edit decides */
    private static function settings(Node $node): array
    {
        $settings = [];
        foreach (Question::cases() as $question) {
            $layers = match ($question) {
                Question::What => ['desktop' => $node->what],
                Question::How => $node->how,
                Question::When => ['desktop' => $node->when],
            };
            foreach ($layers as $width => $values) {
                foreach ($values as $name => $value) {
                    $settings["$node->id $question->value $name $width"] = $value;
                }
            }
        }

        return $settings;
    }

    private static function movesIn(Step $step, string $id): bool
    {
        foreach ($step->edits as $edit) {
            if ($edit->touches()->bringsBlock($id)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Edit>  $one
     * @param  list<Edit>  $other
     */
    private function commute(Draft $draft, array $one, array $other, string $case): void
    {
        [$oneMade, $otherMade] = [self::made($draft, $one), self::made($draft, $other)];
        [$crosses, $crossed] = [self::cross($other, $oneMade), self::cross($one, $otherMade)];
        if (count($one) === 1 && count($other) === 1) {
            self::assertSame($crosses, $crossed, "$case: told to both alike");
        }
        if ($crosses || $crossed) {
            return;
        }
        $first = self::made($oneMade->draft, CarriedOver::edits(
            $other,
            [[DrawnEdits::made($oneMade), false]],
            $oneMade->draft->tree,
        ), $case);
        $second = self::made($otherMade->draft, CarriedOver::edits(
            $one,
            [[DrawnEdits::made($otherMade), false]],
            $otherMade->draft->tree,
        ), $case);
        self::assertEquals(
            TreeReader::write($first->draft->tree),
            TreeReader::write($second->draft->tree),
            "$case: ".json_encode([self::arrays($one), self::arrays($other)]),
        );
        self::assertEquals($first->draft->reach, $second->draft->reach, $case);
    }

    /** @param  list<Edit>  $mine */
    private static function cross(array $mine, Stepped $theirs): bool
    {
        foreach ($mine as $edit) {
            if (Conflicts::between($edit, DrawnEdits::made($theirs), $theirs->draft->tree) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Edit>  $edits */
    private static function made(Draft $draft, array $edits, string $case = ''): Stepped
    {
        $done = Stepped::by($edits, $draft, Trees::schema());
        self::assertInstanceOf(Stepped::class, $done, $case.json_encode(self::arrays($edits)));

        return $done;
    }

    private static function place(Chance $chance, Draft $draft): Insert
    {
        $parents = array_values(array_filter(
            iterator_to_array($draft->tree->walk(), false),
            static fn (Node $node): bool => in_array($node->kind, ['column', 'holder', 'tab'], true),
        ));
        self::assertNotSame([], $parents);
        $parent = $chance->pick($parents);

        return new Insert(
            Trees::node('zzz', 'text'),
            $parent->id,
            $parent->children === [] || $chance->oneIn(3) ? null : $chance->pick($parent->children)->id,
        );
    }

    /** @return list<string> */
    private static function ids(?Node $parent): array
    {
        return array_map(static fn (Node $node): string => $node->id, $parent->children ?? []);
    }

    /**
     * @param  list<Edit>  $edits
     * @return list<array<string, mixed>>
     */
    private static function arrays(array $edits): array
    {
        return array_map(static fn (Edit $edit): array => $edit->toArray(), $edits);
    }
}
