<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;

/** The unit of conflict is one setting of one block, with its width. */
final class ConflictsTest extends TestCase
{
    /** @return iterable<string, array{Edit, Edit, string|null}> */
    public static function pairs(): iterable
    {
        $size = static fn (string $id, int $value, Width $width = Width::Desktop): SetValue =>
            new SetValue($id, Question::How, 'size', $value, $width);
        yield 'the same setting, another value' => [$size('a', 1), $size('a', 2), 'conflict.same-setting'];
        yield 'the same setting, the same value' => [$size('a', 1), $size('a', 1), null];
        yield 'another width' => [$size('a', 1), $size('a', 2, Width::Phone), null];
        yield 'another block' => [$size('a', 1), $size('b', 2), null];
        yield 'another setting of the same block' =>
            [$size('a', 1), new SetValue('a', Question::How, 'colour', 'sale'), null];
        yield 'the same name in another question' =>
            [$size('a', 1), new SetValue('a', Question::What, 'size', 2), null];
        yield 'moved by both' => [new Move('a', 'c', null), new Move('a', 'd', null), 'conflict.same-place'];
        yield 'moved and styled' => [new Move('a', 'c', null), $size('a', 2), null];
        yield 'removing what was styled' => [new Remove('a'), $size('a', 2), 'conflict.removes-newer'];
        yield 'removing what holds something styled' => [new Remove('c'), $size('a', 2), 'conflict.removes-newer'];
        yield 'removing what holds something new' =>
            [new Remove('c'), new Insert(new Node('b', 'text'), 'c', null), 'conflict.removes-newer'];
        yield 'removing what something was moved into' =>
            [new Remove('c'), new Move('b', 'c', null), 'conflict.removes-newer'];
        yield 'removing something else' => [new Remove('d'), $size('a', 2), null];
        yield 'styling what was moved' => [$size('a', 2), new Move('a', 'd', null), null];
        yield 'both rules' => [new SetReach(new Reach), new SetReach(new Reach), 'conflict.reach'];
        yield 'a rule and a style' => [new SetReach(new Reach), $size('a', 2), null];
        yield 'the whole page replaced by them' =>
            [$size('a', 2), new Replace(new Node('p', 'page'), new Reach), 'conflict.replaced'];
        yield 'the whole page replaced by me' =>
            [new Replace(new Node('p', 'page'), new Reach), $size('a', 2), 'conflict.replaced'];
    }

    #[DataProvider('pairs')]
    public function test_whether_two_edits_cross(Edit $mine, Edit $theirs, ?string $code): void
    {
        $tree = new Node('p', 'page', children: [
            new Node('c', 'column', children: [new Node('a', 'price'), new Node('b', 'text')]),
            new Node('d', 'column'),
        ]);

        self::assertSame($code, Conflicts::between($mine, [$theirs], $tree)?->code->value);
    }

    public function test_it_names_the_block_and_the_setting_of_the_first_that_crosses(): void
    {
        $mine = new SetValue('a', Question::How, 'size', 1);
        $theirs = [new SetValue('b', Question::How, 'size', 3), new SetValue('a', Question::How, 'size', 2)];
        $problem = Conflicts::between($mine, $theirs, new Node('p', 'page'));

        self::assertSame(
            ['a', 'size', 'how'],
            [$problem?->path, $problem?->values['setting'] ?? '', $problem?->values['question'] ?? ''],
        );
        self::assertNull(Conflicts::between($mine, [], new Node('p', 'page')));
    }
}
