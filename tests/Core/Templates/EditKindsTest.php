<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Edits\EditKind;
use Vestibra\Core\Templates\Edits\EditKinds;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;

/**
 * A kind of edit says all that others have to know; another one is in conflict, taken back and read from its first day.
 */
final class EditKindsTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>, ConflictProblem|null}> */
    public static function unsaid(): iterable
    {
        yield 'no name' => ['', 'Something done', [], null];
        yield 'no words' => ['some', ' ', [], null];
        yield 'what it decides, but not what it is when two do' => ['some', 'Something done', ['{id}'], null];
        yield 'what it is when two decide, but not what' =>
            ['some', 'Something done', [], ConflictProblem::SamePlace];
    }

    /** @param  list<string>  $decides */
    #[DataProvider('unsaid')]
    public function test_a_kind_that_leaves_something_unsaid_does_not_load(
        string $name,
        string $words,
        array $decides,
        ?ConflictProblem $crossing,
    ): void {
        $this->expectException(LogicException::class);
        new EditKind($name, $words, null, $decides, $crossing);
    }

    public function test_two_kinds_with_one_name_do_not_load(): void
    {
        $this->expectException(LogicException::class);
        EditKinds::of(Move::class, Swap::class, Move::class);
    }

    public function test_what_an_edit_decides_is_told_with_the_block_that_it_is_about(): void
    {
        $set = new SetValue('a', Question::What, 'text', 'x');
        self::assertSame(['a what text desktop' => 'a'], SetValue::kind()->decided($set->toArray()));
        self::assertSame(
            ['place of a' => 'a', 'place of b' => 'b'],
            Swap::kind()->decided((new Swap('a', 'b'))->toArray()),
        );
    }

    public function test_another_kind_is_read(): void
    {
        $reader = static fn (EditKinds $kinds): EditReader => new EditReader(
            Trees::reader(),
            static fn (): ReachReader => new ReachReader(
                RuleFields::standard(),
                ShopZone::of('Europe/London'),
                PageKind::Product,
            ),
            null,
            $kinds,
        );
        $written = (new Swap('title', 'price'))->toArray();

        self::assertEquals(new Swap('title', 'price'), $reader(EditKinds::of(Swap::class))->parse($written));
        self::assertIsArray($reader(EditKinds::standard())->parse($written));
    }

    public function test_another_kind_is_in_conflict_with_a_move_from_its_first_day(): void
    {
        $swap = new Swap('title', 'rating');
        foreach ([new Move('title', 'left', null), new Move('rating', 'left', null), new Remove('holder')] as $edit) {
            self::assertTrue(self::crosses($edit, $swap));
            self::assertTrue(self::crosses($swap, $edit));
        }
        self::assertFalse(self::crosses($swap, new Move('price', 'left', null)));
        self::assertFalse(self::crosses(new SetValue('title', Question::How, 'size', 40), $swap));
    }

    public function test_another_kind_is_taken_back_over_what_came_later(): void
    {
        $done = Stepped::by([new Swap('title', 'holder')], Trees::draft(), Trees::schema());
        self::assertInstanceOf(Stepped::class, $done);
        $later = Stepped::by([new Remove('price')], $done->draft, Trees::schema());
        self::assertInstanceOf(Stepped::class, $later);
        $step = new Step($done->edits, $done->inverses);
        $back = (new TakingBack(Trees::schema()))
            ->of($step, $later->draft, [$step, new Step($later->edits, $later->inverses)]);

        self::assertInstanceOf(Stepped::class, $back);
        self::assertSame(['title', 'holder'], Trees::shape($back->draft->tree)['right']);
    }

    private static function crosses(Move|Remove|SetValue|Swap $mine, Move|Remove|Swap $theirs): bool
    {
        $done = Stepped::by([$theirs], Trees::draft(), Trees::schema());
        self::assertInstanceOf(Stepped::class, $done);

        return Conflicts::between($mine, new Step($done->edits, $done->inverses), $done->draft->tree) !== null;
    }
}
