<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\Core\Chance;

/** Two people take back their own work on one page; whoever meets the other's work is told, and goes on. */
final class TakingBackTest extends TestCase
{
    private Draft $draft;

    /** @var list<Step> */
    private array $history = [];

    /** @var array<string, list<Step>> whose steps can still be taken back */
    private array $own = ['a' => [], 'b' => []];

    protected function setUp(): void
    {
        $this->draft = Trees::draft();
        $this->history = [];
        $this->own = ['a' => [], 'b' => []];
    }

    public function test_what_comes_back_stands_where_its_neighbour_stood_when_that_has_gone(): void
    {
        $this->does('a', new Remove('holder'));
        $this->does('b', new Remove('price'));
        self::assertInstanceOf(Stepped::class, $this->takesBack('a'));
        self::assertSame(['title', 'holder'], Trees::shape($this->draft->tree)['right']);
        $this->takesBack('b');
        self::assertSame(['title', 'price', 'holder'], Trees::shape($this->draft->tree)['right']);
    }

    public function test_a_whole_row_of_neighbours_that_went_and_came_back_stands_as_before(): void
    {
        $this->does('a', new Remove('title'));
        $this->does('b', new Remove('price'));
        $this->does('b', new Remove('holder'));
        $this->takesBack('a');
        $this->takesBack('b');
        $this->takesBack('b');
        self::assertSame(['title', 'price', 'holder'], Trees::shape($this->draft->tree)['right']);
    }

    public function test_a_neighbour_that_was_moved_away_leaves_its_place_in_the_line(): void
    {
        $this->does('a', new Remove('holder'));
        $this->does('b', new Move('price', 'left', null));
        $this->takesBack('a');
        $this->takesBack('b');
        self::assertSame(['title', 'price', 'holder'], Trees::shape($this->draft->tree)['right']);
    }

    public function test_a_neighbour_that_was_put_in_meanwhile_is_kept_beside(): void
    {
        $this->does('a', new Remove('price'));
        $this->does('b', new Insert(Trees::node('new', 'text'), 'right', 'title'));
        $this->takesBack('a');
        self::assertEqualsCanonicalizing(
            ['title', 'new', 'price', 'holder'],
            Trees::shape($this->draft->tree)['right'],
        );
        self::assertSame('holder', Trees::shape($this->draft->tree)['right'][3]);
    }

    public function test_without_knowing_how_it_came_about_it_comes_first(): void
    {
        $lost = Stepped::by([new Remove('holder')], $this->draft, Trees::schema());
        self::assertInstanceOf(Stepped::class, $lost);
        $this->draft = $lost->draft;
        $this->does('b', new Remove('price'));
        $back = (new TakingBack(Trees::schema()))->of(new Step($lost->edits, $lost->inverses), $this->draft);
        self::assertInstanceOf(Stepped::class, $back);
        self::assertSame(['holder', 'title'], Trees::shape($back->draft->tree)['right']);
    }

    /** Of a step that is older than what is remembered, the neighbour is looked for as it was named. */
    public function test_a_step_that_is_not_among_those_remembered_comes_back_beside_its_neighbour(): void
    {
        $lost = Stepped::by([new Remove('price')], $this->draft, Trees::schema());
        self::assertInstanceOf(Stepped::class, $lost);
        $this->draft = $lost->draft;
        $this->does('b', new Move('title', 'left', null));
        $this->does('b', new Move('holder', 'left', 'title'), new Move('title', 'right', null));
        $back = (new TakingBack(Trees::schema()))
            ->of(new Step($lost->edits, $lost->inverses), $this->draft, $this->history);
        self::assertInstanceOf(Stepped::class, $back);
        self::assertSame(['title', 'price'], Trees::shape($back->draft->tree)['right']);
    }

    public function test_a_step_on_a_block_that_somebody_has_taken_out_is_impossible_and_the_one_before_is_not(): void
    {
        $this->does('a', self::sized('title', 40));
        $this->does('a', self::sized('price', 41));
        $this->does('b', new Remove('price'));
        $said = $this->takesBack('a');
        self::assertSame('undo.impossible', $said instanceof Problem ? $said->code->value : null);
        self::assertInstanceOf(Stepped::class, $this->takesBack('a'));
        self::assertNull($this->draft->tree->find('title')?->value(Question::How, 'desktop', 'size'));
    }

    public function test_what_is_left_of_a_step_is_taken_back_and_the_rest_named(): void
    {
        $this->does('a', self::sized('title', 40), self::sized('price', 41));
        $this->does('b', new Remove('price'));
        $back = $this->takesBack('a');
        self::assertSame(
            ['edit.gone'],
            array_map(
                static fn (Problem $problem): string => $problem->code->value,
                $back instanceof Stepped ? $back->leftOut : [],
            ),
        );
        self::assertNull($this->draft->tree->find('title')?->value(Question::How, 'desktop', 'size'));
    }

    public function test_a_limit_that_is_in_the_way_now_is_said_and_the_step_is_not_given_up(): void
    {
        $nodes = array_map(
            static fn (int $at): Node => Trees::node("n$at", 'text'),
            range(1, TreeReader::MAX_NODES - 3),
        );
        $this->draft = new Draft(
            Trees::node('page', 'page', [Trees::node('band', 'band', [Trees::node('c', 'column', $nodes)])]),
            new Reach,
        );
        $this->does('a', new Remove('n5'));
        $this->does('b', new Insert(Trees::node('one', 'text'), 'c', null));
        $said = (new TakingBack(Trees::schema()))->of($this->own['a'][0], $this->draft, $this->history);
        self::assertSame('tree.too-many', $said instanceof Problem ? $said->code->value : null);
    }

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    /** Nobody works on what the other has made or moved; what they take out and put in stands side by side. */
    #[DataProvider('seeds')]
    public function test_when_both_have_taken_back_everything_the_page_is_as_in_the_beginning(Chance $chance): void
    {
        $column = Trees::node(
            'column',
            'column',
            array_map(static fn (int $at): Node => Trees::node("n$at", 'text'), range(0, 9)),
        );
        $this->draft = new Draft(
            Trees::node('page', 'page', [Trees::node('band', 'band', [$column, Trees::node('second', 'column')])]),
            new Reach,
        );
        $start = TreeReader::write($this->draft->tree);
        for ($step = 0; $step < 20; $step++) {
            $who = $chance->pick(['a', 'b']);
            if ($chance->oneIn(4)) {
                $this->takesBack($who);
            } else {
                $edit = $this->draw($chance, $who, $step);
                $edit === null || $this->does($who, $edit);
            }
        }
        while ($this->own['a'] !== [] || $this->own['b'] !== []) {
            $who = $chance->pick(['a', 'b']);
            if ($this->own[$who] !== []) {
                self::assertInstanceOf(Stepped::class, $this->takesBack($who), "seed $chance->seed");
            }
        }
        self::assertEquals($start, TreeReader::write($this->draft->tree), "seed $chance->seed");
    }

    /**
     * Each meets the other's work everywhere: every step is taken back or said to be impossible, and none is met twice.
     */
    #[DataProvider('seeds')]
    public function test_nobody_is_ever_stuck(Chance $chance): void
    {
        for ($step = 0; $step < 30; $step++) {
            $nodes = array_map(
                static fn (Node $node): string => $node->id,
                iterator_to_array($this->draft->tree->walk(), false),
            );
            $any = $chance->pick($nodes);
            $parent = $this->draft->tree->find($chance->pick($nodes));
            $after = $parent === null || $parent->children === [] ? null : $chance->pick($parent->children)->id;
            $this->does($chance->pick(['a', 'b']), $chance->pick([
                new Insert(
                    Trees::node("i$step", $chance->pick(['text', 'holder', 'column'])),
                    $parent->id ?? '',
                    $after,
                ),
                new Remove($any),
                new Move($any, $parent->id ?? '', $after),
                self::sized($any, $chance->number(10, 60)),
            ]));
        }
        foreach (['a', 'b'] as $who) {
            while ($this->own[$who] !== []) {
                $left = count($this->own[$who]);
                $said = $this->takesBack($who);
                self::assertSame($left - 1, count($this->own[$who]));
                self::assertContains(
                    $said instanceof Problem ? $said->code->value : 'done',
                    ['done', 'undo.impossible'],
                    "seed $chance->seed",
                );
                self::assertInstanceOf(
                    Node::class,
                    Trees::reader()
                        ->parseTree(json_decode((string) json_encode(TreeReader::write($this->draft->tree)), true)),
                );
            }
        }
    }

    /** An edit on what is one's own: n0, n2, … are a's, n1, n3, … are b's, and so is what each has put in. */
    private function draw(Chance $chance, string $who, int $step): ?Edit
    {
        $column = $this->draft->tree->find('column');
        self::assertNotNull($column);
        $mine = array_values(array_filter($column->children, static fn (Node $node): bool => $node->id[0] === $who
            || ($node->id[0] === 'n' && ((int) substr($node->id, 1) % 2 === 0) === ($who === 'a'))));
        $mine = array_values(array_filter($mine, static fn (Node $node): bool => $node->id[0] === 'n'));
        if ($mine === []) {
            return null;
        }
        $one = $chance->pick($mine)->id;

        return $chance->pick([
            new Remove($one),
            new Remove($one),
            new Insert(
                Trees::node("$who$step", 'text'),
                'column',
                $chance->oneIn(4) ? null : $chance->pick($column->children)->id,
            ),
            new Move($one, 'second', null),
            self::sized($one, $chance->number(10, 60)),
        ]);
    }

    private static function sized(string $id, int $size): SetValue
    {
        return new SetValue($id, Question::How, 'size', $size);
    }

    private function does(string $who, Edit ...$edits): void
    {
        $done = Stepped::by(array_values($edits), $this->draft, Trees::schema());
        if ($done instanceof Stepped) {
            $this->draft = $done->draft;
            $this->history[] = $this->own[$who][] = new Step($done->edits, $done->inverses);
        }
    }

    private function takesBack(string $who): Stepped|Problem|null
    {
        $step = array_pop($this->own[$who]);
        if ($step === null) {
            return null;
        }
        $done = (new TakingBack(Trees::schema()))->of($step, $this->draft, $this->history);
        if ($done instanceof Stepped) {
            $this->draft = $done->draft;
            $this->history[] = new Step($done->edits, $done->inverses);
        }

        return $done;
    }
}
