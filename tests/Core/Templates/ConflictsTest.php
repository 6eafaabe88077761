<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Tests\Core\Reach\World;

/** The unit of conflict is one setting of one block, with its width. */
final class ConflictsTest extends TestCase
{
    /** @return iterable<string, array{Edit, Edit, string|null}> */
    public static function pairs(): iterable
    {
        $size = static fn (string $id, int $value, Width $width = Width::Desktop): SetValue =>
            new SetValue($id, Question::How, 'size', $value, $width);
        yield 'the same setting, another value' => [$size('a', 31), $size('a', 32), 'conflict.same-setting'];
        yield 'the same setting, the same value' => [$size('a', 31), $size('a', 31), null];
        yield 'another width' => [$size('a', 31), $size('a', 32, Width::Phone), null];
        yield 'another block' => [$size('a', 31), $size('b', 32), null];
        yield 'another setting of the same block' =>
            [$size('a', 31), new SetValue('a', Question::How, 'colour', 'sale'), null];
        $note = static fn (string $text, Width $width): SetValue =>
            new SetValue('b', Question::What, 'text', $text, $width);
        yield 'what has no width, said at two widths' =>
            [$note('x', Width::Desktop), $note('y', Width::Phone), 'conflict.same-setting'];
        yield 'moved by both' => [new Move('a', 'c', 'b'), new Move('a', 'd', null), 'conflict.same-place'];
        yield 'moved by both to one place' => [new Move('a', 'd', null), new Move('a', 'd', null), null];
        yield 'each moved into the other' =>
            [new Move('one', 'other', null), new Move('other', 'one', null), 'conflict.same-place'];
        yield 'moved and styled' => [new Move('a', 'c', 'b'), $size('a', 32), null];
        yield 'removing what was styled' => [new Remove('a'), $size('a', 32), 'conflict.removes-newer'];
        yield 'removing what holds something styled' => [new Remove('c'), $size('a', 32), 'conflict.removes-newer'];
        yield 'removing what holds something new' =>
            [new Remove('c'), new Insert(new Node('new', 'text'), 'c', null), 'conflict.removes-newer'];
        yield 'removing what something was moved into' =>
            [new Remove('d'), new Move('b', 'd', null), 'conflict.removes-newer'];
        yield 'removing what something was moved out of' =>
            [new Remove('c'), new Move('b', 'd', null), 'conflict.removes-newer'];
        yield 'removing something else' => [new Remove('d'), $size('a', 32), null];
        yield 'removing what is in what they removed' => [new Remove('a'), new Remove('c'), null];
        yield 'removing the same' => [new Remove('a'), new Remove('a'), null];
        yield 'styling what they took out' => [$size('a', 32), new Remove('c'), 'edit.gone'];
        yield 'putting into what they took out' =>
            [new Insert(new Node('new', 'text'), 'c', null), new Remove('c'), 'edit.gone'];
        yield 'moving into what they took out' => [new Move('one', 'c', null), new Remove('c'), 'edit.gone'];
        yield 'putting in the same block' => [
            new Insert(new Node('new', 'text'), 'c', null),
            new Insert(new Node('new', 'price'), 'd', null),
            'edit.there-already',
        ];
        yield 'styling what was moved' => [$size('a', 32), new Move('a', 'd', null), null];
        $reach = new SetReach(World::reach([[World::in(1)]]));
        yield 'both rules' => [new SetReach(new Reach), $reach, 'conflict.reach'];
        yield 'the same rule' => [$reach, $reach, null];
        yield 'a rule and a style' => [new SetReach(new Reach), $size('a', 32), null];
        yield 'the whole page replaced by them' =>
            [$size('a', 32), new Replace(new Node('p', 'page'), new Reach), 'conflict.replaced'];
        yield 'the whole page replaced by me' =>
            [new Replace(new Node('p', 'page'), new Reach), $size('a', 32), 'conflict.replaced'];
    }

    #[DataProvider('pairs')]
    public function test_whether_two_edits_cross(Edit $mine, Edit $theirs, ?string $code): void
    {
        self::assertSame($code, self::crossing($mine, $theirs)?->code->value);
    }

    /** Whoever comes second is told, whichever of both that is. */
    #[DataProvider('pairs')]
    public function test_two_edits_cross_whoever_of_both_comes_first(Edit $mine, Edit $theirs, ?string $code): void
    {
        self::assertSame($code === null, self::crossing($theirs, $mine) === null);
    }

    public function test_it_names_the_block_and_the_setting_of_the_first_that_crosses(): void
    {
        $mine = new SetValue('a', Question::How, 'size', 31);
        $theirs = self::made(
            new SetValue('b', Question::How, 'size', 33),
            new SetValue('a', Question::How, 'size', 32),
        );
        $problem = Conflicts::between($mine, new Step($theirs->edits, $theirs->inverses), $theirs->draft->tree);

        self::assertSame(['size', 'how'], [$problem?->values['setting'] ?? '', $problem?->values['question'] ?? '']);
        self::assertSame('a', $problem->path);
        self::assertNull(Conflicts::between($mine, new Step([], []), self::draft()->tree));
    }

    public function test_what_was_taken_out_and_put_back_stands_in_nobodys_way(): void
    {
        $gone = self::made(new Remove('a'));
        $back = Stepped::by($gone->inverses, $gone->draft, Trees::schema());
        self::assertInstanceOf(Stepped::class, $back);
        $mine = new SetValue('a', Question::How, 'size', 32);

        self::assertNull(Conflicts::between($mine, new Step($gone->edits, $gone->inverses), $back->draft->tree));
        self::assertNull(Conflicts::between($mine, new Step($back->edits, $back->inverses), $back->draft->tree));
    }

    private static function crossing(Edit $mine, Edit $theirs): ?Problem
    {
        $done = self::made($theirs);

        return Conflicts::between($mine, new Step($done->edits, $done->inverses), $done->draft->tree);
    }

    private static function made(Edit ...$edits): Stepped
    {
        $done = Stepped::by(array_values($edits), self::draft(), Trees::schema());
        self::assertInstanceOf(Stepped::class, $done);

        return $done;
    }

    private static function draft(): Draft
    {
        return new Draft(Trees::node('p', 'page', [Trees::node('band', 'band', [
            Trees::node('c', 'column', [Trees::node('a', 'price'), Trees::node('b', 'text')]),
            Trees::node('d', 'column', [Trees::node('one', 'holder'), Trees::node('other', 'holder')]),
        ])]), new Reach);
    }
}
