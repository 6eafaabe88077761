<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Redraw;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Tests\Core\Reach\World;

final class EditsTest extends TestCase
{
    /** @return iterable<string, array{Edit, array<string, list<string>>, list<string>}> */
    public static function moves(): iterable
    {
        $shape = Trees::shape(Trees::draft()->tree);
        yield 'insert first' => [
            new Insert(Trees::node('n', 'heading'), 'right', null),
            ['right' => ['n', 'title', 'price', 'holder']] + $shape,
            ['right'],
        ];
        yield 'insert behind' => [
            new Insert(Trees::node('n', 'heading'), 'right', 'title'),
            ['right' => ['title', 'n', 'price', 'holder']] + $shape,
            ['right'],
        ];
        yield 'insert into a holder' => [
            new Insert(Trees::node('n', 'heading'), 'holder', 'text'),
            ['holder' => ['rating', 'text', 'n']] + $shape,
            ['holder'],
        ];
        yield 'remove' => [new Remove('title'), ['right' => ['price', 'holder']] + $shape, ['right']];
        yield 'move within' =>
            [new Move('title', 'right', 'price'), ['right' => ['price', 'title', 'holder']] + $shape, ['right']];
        yield 'move to the front' =>
            [new Move('holder', 'right', null), ['right' => ['holder', 'title', 'price']] + $shape, ['right']];
        yield 'move across' => [
            new Move('price', 'left', 'gallery'),
            ['left' => ['gallery', 'price'], 'right' => ['title', 'holder']] + $shape,
            ['right', 'left'],
        ];
        yield 'move where it is' => [new Move('price', 'right', 'title'), $shape, ['right']];
    }

    /**
     * @param  array<string, list<string>>  $shape
     * @param  list<string>  $touched
     */
    #[DataProvider('moves')]
    public function test_the_tree_it_comes_to(Edit $edit, array $shape, array $touched): void
    {
        $applied = $this->apply($edit, Trees::draft());

        self::assertEquals($shape, Trees::shape($applied->draft->tree));
        self::assertSame($touched, [...$applied->redraw->touched, ...$applied->redraw->arranged]);
    }

    /** @return iterable<string, array{Edit, string}> */
    public static function misfits(): iterable
    {
        $heading = Trees::node('n', 'heading');
        yield 'into what is gone' => [new Insert($heading, 'gone', null), 'edit.gone'];
        yield 'behind what is gone' => [new Insert($heading, 'right', 'gone'), 'edit.gone'];
        yield 'behind a neighbour elsewhere' => [new Insert($heading, 'left', 'title'), 'edit.gone'];
        yield 'an id that is there already' =>
            [new Insert(Trees::node('title', 'title'), 'left', null), 'edit.there-already'];
        yield 'an inner id that is there already' => [
            new Insert(Trees::node('h', 'holder', [Trees::node('title', 'title')]), 'left', null),
            'edit.there-already',
        ];
        yield 'a block into a band' => [new Insert($heading, 'band', null), 'tree.does-not-belong'];
        yield 'a band into a column' => [new Insert(Trees::node('b', 'band'), 'left', null), 'tree.does-not-belong'];
        yield 'into a block that holds none' => [new Insert($heading, 'title', null), 'tree.does-not-belong'];
        yield 'remove what is gone' => [new Remove('gone'), 'edit.gone'];
        yield 'remove the page' => [new Remove('page'), 'edit.not-the-page'];
        yield 'move what is gone' => [new Move('gone', 'left', null), 'edit.gone'];
        yield 'move into what is gone' => [new Move('title', 'gone', null), 'edit.gone'];
        yield 'move the page' => [new Move('page', 'left', null), 'edit.not-the-page'];
        yield 'into itself' => [new Move('holder', 'holder', null), 'edit.into-itself'];
        yield 'into what it holds' => [new Move('band', 'right', null), 'edit.into-itself'];
        yield 'behind itself' => [new Move('title', 'right', 'title'), 'edit.into-itself'];
        yield 'a column into a column' => [new Move('left', 'right', null), 'tree.does-not-belong'];
        yield 'a setting of what is gone' => [new SetValue('gone', Question::What, 'text', 'x'), 'edit.gone'];
        yield 'an unknown setting' => [new SetValue('title', Question::What, 'smell', 'x'), 'tree.unknown-setting'];
        yield 'unsetting an unknown setting' =>
            [new SetValue('title', Question::What, 'smell', null), 'tree.unknown-setting'];
        yield 'a value it does not take' =>
            [new SetValue('price', Question::How, 'size', 9000), 'setting.number-outside'];
    }

    #[DataProvider('misfits')]
    public function test_what_does_not_fit_is_a_result_and_changes_nothing(Edit $edit, string $code): void
    {
        $problem = $edit->apply(Trees::draft(), Trees::schema());

        self::assertInstanceOf(Problem::class, $problem);
        self::assertSame($code, $problem->code->value);
    }

    public function test_a_tree_cannot_become_too_deep_or_too_large(): void
    {
        $deep = Trees::node('h0', 'text');
        for ($level = 1; $level <= 12; $level++) {
            $deep = Trees::node("h$level", 'holder', [$deep]);
        }
        $many = Trees::node(
            'm',
            'holder',
            array_map(static fn (int $number): Node => Trees::node("m$number", 'spacer'), range(1, 1995)),
        );

        self::assertSame('tree.too-deep', $this->problem(new Insert($deep, 'left', null))->code->value);
        self::assertSame('tree.too-many', $this->problem(new Insert($many, 'left', null))->code->value);
    }

    public function test_a_tree_takes_the_two_thousandth_block_and_not_one_more(): void
    {
        $room = 2000 - count([...Trees::draft()->tree->walk()]);
        $many = static fn (int $count): Insert => new Insert(
            Trees::node(
                'm',
                'holder',
                array_map(static fn (int $number): Node => Trees::node("m$number", 'spacer'), range(2, $count)),
            ),
            'left',
            null,
        );

        $full = $this->apply($many($room), Trees::draft())->draft;
        self::assertCount(2000, [...$full->tree->walk()]);
        self::assertSame('tree.too-many', $this->problem($many($room + 1))->code->value);
        $over = (new Insert(Trees::node('one', 'spacer'), 'left', null))->apply($full, Trees::schema());
        self::assertSame('tree.too-many', $over instanceof Problem ? $over->code->value : null);
    }

    public function test_moving_cannot_make_a_tree_too_deep(): void
    {
        $nested = Trees::node('h1', 'holder', [Trees::node('h2', 'holder', [
            Trees::node('h3', 'holder', [Trees::node('h4', 'holder', [Trees::node('h5', 'text')])]),
        ])]);
        $other = Trees::node('k1', 'holder', [Trees::node('k2', 'holder', [
            Trees::node('k3', 'holder', [Trees::node('k4', 'holder', [Trees::node('k5', 'holder')])]),
        ])]);
        $draft = $this->apply(
            new Insert($other, 'left', null),
            $this->apply(new Insert($nested, 'left', null), Trees::draft())->draft,
        )->draft;

        self::assertInstanceOf(EditResult::class, (new Move('h3', 'k4', null))->apply($draft, Trees::schema()));
        $problem = (new Move('h1', 'k5', null))->apply($draft, Trees::schema());
        self::assertInstanceOf(Problem::class, $problem);
        self::assertSame('tree.too-deep', $problem->code->value);
    }

    public function test_a_style_is_set_for_its_width_alone(): void
    {
        $applied = $this->apply(new SetValue('price', Question::How, 'size', 44, Width::Tablet), Trees::draft());

        self::assertSame(
            ['desktop' => ['size' => 30], 'phone' => ['size' => 20], 'tablet' => ['size' => 44]],
            $applied->draft->tree->find('price')?->how,
        );
        self::assertSame([], [...$applied->redraw->touched, ...$applied->redraw->arranged]);
    }

    public function test_words_and_conditions_draw_the_block_anew(): void
    {
        self::assertSame(
            ['text'],
            $this->apply(new SetValue('text', Question::What, 'text', 'Hello'), Trees::draft())->redraw->touched,
        );
        self::assertSame(
            ['text'],
            $this->apply(new SetValue('text', Question::When, 'off', true), Trees::draft())->redraw->touched,
        );
    }

    public function test_the_reach_changes_and_the_tree_stays(): void
    {
        $reach = World::reach([[World::in(1)]]);
        $applied = $this->apply(new SetReach($reach), Trees::draft());

        self::assertSame($reach, $applied->draft->reach);
        self::assertEquals(new SetReach(new Reach), $applied->inverse);
    }

    public function test_setting_what_is_set_already_changes_nothing(): void
    {
        $draft = Trees::draft();

        self::assertSame(
            $draft,
            $this->apply(new SetValue('price', Question::What, 'saving', 'amount'), $draft)->draft,
        );
    }

    private function apply(Edit $edit, Draft $draft): EditResult
    {
        $applied = $edit->apply($draft, Trees::schema());
        self::assertInstanceOf(EditResult::class, $applied);

        return $applied;
    }

    private function problem(Edit $edit): Problem
    {
        $problem = $edit->apply(Trees::draft(), Trees::schema());
        self::assertInstanceOf(Problem::class, $problem);

        return $problem;
    }

    public function test_what_has_to_be_drawn_again_adds_up_in_the_order_in_which_it_was_done(): void
    {
        $one = new Redraw(['a'], ['c'], ['n'], ['m'], stylesOnly: true, movesOnly: false);
        $other = new Redraw(['b', 'a'], ['d'], ['o'], ['p'], stylesOnly: true, movesOnly: true);
        $both = $one->and($other);

        self::assertSame(
            [['a', 'b'], ['c', 'd'], ['n', 'o'], ['m', 'p'], true, false],
            [$both->touched, $both->arranged, $both->fresh, $both->moved, $both->stylesOnly, $both->movesOnly],
        );
        self::assertEquals($one, Redraw::nothing()->and($one));
        self::assertFalse($one->and(new Redraw)->stylesOnly);
    }

    public function test_a_whole_page_in_the_place_of_another_reads_as_it_was_written(): void
    {
        $edit = new Replace(Trees::draft()->tree, World::reach([[World::in(3)]]));
        $reader = new EditReader(
            Trees::reader(),
            static fn (): ReachReader => new ReachReader(
                RuleFields::standard(),
                ShopZone::of('Europe/London'),
                PageKind::Product,
            ),
        );
        $written = json_decode((string) json_encode($edit->toArray()), true);

        self::assertEquals($edit, $reader->parse($written));
        self::assertIsArray($reader->parse(['tree' => null] + $written));
        self::assertIsArray($reader->parse(['reach' => null] + $written));
    }

    public function test_what_does_not_belong_is_named_with_what_it_does_not_belong_to(): void
    {
        $said = (new Move('title', 'band', null))->apply(Trees::draft(), Trees::schema());

        self::assertInstanceOf(Problem::class, $said);
        self::assertSame([TreeProblem::DoesNotBelong, 'band'], [$said->code, $said->path]);
        self::assertEqualsCanonicalizing(['kind' => 'title', 'parent' => 'band'], $said->values);
    }

    public function test_a_setting_of_a_block_that_nobody_knows_does_not_fit(): void
    {
        $draft = new Draft(Trees::node('page', 'page', [Trees::node('odd', 'from-the-future')]), new Reach);
        $said = (new SetValue('odd', Question::What, 'text', 'x'))->apply($draft, Trees::schema());

        self::assertSame(EditProblem::Gone, $said instanceof Problem ? $said->code : null);
    }
}
