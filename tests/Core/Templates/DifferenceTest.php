<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Difference;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;

/** What lies between two drafts, as edits bring it about. */
final class DifferenceTest extends TestCase
{
    /** @return iterable<string, array{list<Edit>, list<array{string, string}>}> */
    public static function edits(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'put in' => [[new Insert(new Node('new', 'heading'), 'c', 'a')], [['put-in', 'new']]];
        yield 'put in with what it holds counts once' =>
            [[new Insert(new Node('h', 'holder', children: [new Node('x', 'text')]), 'c', null)], [['put-in', 'h']]];
        yield 'taken out' => [[new Remove('b')], [['taken-out', 'b']]];
        yield 'taken out with what it holds counts once' => [[new Remove('c')], [['taken-out', 'c']]];
        yield 'moved among its neighbours' => [[new Move('a', 'c', 'b')], [['moved', 'b'], ['moved', 'a']]];
        yield 'moved to another column' => [[new Move('a', 'd', null)], [['moved', 'a']]];
        yield 'set' => [[new SetValue('a', Question::How, 'size', 40)], [['set', 'a']]];
        yield 'set and taken back is nothing' =>
            [[new SetValue('a', Question::How, 'size', 40), new SetValue('a', Question::How, 'size', null)], []];
        yield 'the reach' => [[new SetReach(new Reach([Clause::of()]))], [['reach', '']]];
        yield 'several' => [
            [new Remove('b'), new SetValue('a', Question::What, 'saving', 'none')],
            [['set', 'a'], ['taken-out', 'b']],
        ];
    }

    /**
     * @param  list<Edit>  $edits
     * @param  list<array{string, string}>  $expected
     */
    #[DataProvider('edits')]
    public function test_it_names_what_edits_have_changed(array $edits, array $expected): void
    {
        $before = $this->draft();
        $after = $before;
        foreach ($edits as $edit) {
            $applied = $edit->apply($after, Trees::schema());
            self::assertInstanceOf(EditResult::class, $applied);
            $after = $applied->draft;
        }
        $found = array_map(
            static fn (Difference $difference): array => [$difference->what, $difference->id],
            Difference::between($before, $after, Trees::schema()),
        );

        self::assertSame($expected, $found);
    }

    public function test_a_setting_carries_both_values_and_its_width(): void
    {
        $before = $this->draft();
        $applied = (new SetValue('a', Question::How, 'size', 40))->apply($before, Trees::schema());
        self::assertInstanceOf(EditResult::class, $applied);
        [$difference] = Difference::between($before, $applied->draft, Trees::schema());

        self::assertSame(['size', 'desktop', null, 40], [
            $difference->setting?->name, $difference->width, $difference->before, $difference->after,
        ]);
        [$back] = Difference::between($applied->draft, $before, Trees::schema());
        self::assertSame([40, null], [$back->before, $back->after]);
    }

    public function test_replacing_the_whole_draft_and_its_inverse(): void
    {
        $before = $this->draft();
        $edit = new Replace(new Node('p', 'page'), new Reach([Clause::of()]));
        $applied = $edit->apply($before, Trees::schema());
        self::assertSame([$edit->tree, $edit->reach], [$applied->draft->tree, $applied->draft->reach]);
        $back = $applied->inverse->apply($applied->draft, Trees::schema());
        self::assertInstanceOf(EditResult::class, $back);
        self::assertSame([$before->tree, $before->reach], [$back->draft->tree, $back->draft->reach]);
    }

    private function draft(): Draft
    {
        return new Draft(new Node('p', 'page', children: [new Node('band', 'band', children: [
            new Node('c', 'column', children: [new Node('a', 'price'), new Node('b', 'text')]),
            new Node('d', 'column'),
        ])]), new Reach);
    }
}
