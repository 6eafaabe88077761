<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\Core\Chance;

/** Laws that hold for every run of edits, on generated ones. */
final class EditLawsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_applied_and_taken_back_is_as_before(Chance $chance): void
    {
        $draft = Trees::draft();
        $undo = [];
        for ($step = 0; $step < 25; $step++) {
            $applied = DrawnEdits::any($chance, $draft, (string) $step)->apply($draft, Trees::schema());
            if ($applied instanceof EditResult) {
                $undo[] = [$applied->inverse, $draft];
                $draft = $applied->draft;
            }
        }
        self::assertNotSame([], $undo, "seed $chance->seed");
        foreach (array_reverse($undo) as [$inverse, $before]) {
            $applied = $inverse->apply($draft, Trees::schema());
            self::assertInstanceOf(EditResult::class, $applied, "seed $chance->seed");
            $draft = $applied->draft;
            self::assertEquals(self::write($before), self::write($draft), "seed $chance->seed");
        }
    }

    #[DataProvider('seeds')]
    public function test_what_comes_out_is_always_a_readable_tree(Chance $chance): void
    {
        $draft = Trees::draft();
        for ($step = 0; $step < 25; $step++) {
            $applied = DrawnEdits::any($chance, $draft, (string) $step)->apply($draft, Trees::schema());
            $draft = $applied instanceof EditResult ? $applied->draft : $draft;
        }
        $stored = json_decode((string) json_encode(TreeReader::write($draft->tree)), true);
        $read = Trees::reader()->parseTree($stored);

        self::assertInstanceOf(Node::class, $read, "seed $chance->seed");
        self::assertEquals($draft->tree, $read, "seed $chance->seed");
    }

    #[DataProvider('seeds')]
    public function test_an_edit_reads_as_it_was_written(Chance $chance): void
    {
        $edit = DrawnEdits::any($chance, Trees::draft(), (string) 1);
        $reader = new EditReader(
            Trees::reader(),
            static fn (): ReachReader => new ReachReader(
                RuleFields::standard(),
                ShopZone::of('Europe/London'),
                PageKind::Product,
            ),
        );

        self::assertEquals(
            $edit,
            $reader->parse(json_decode((string) json_encode($edit->toArray()), true)),
            "seed $chance->seed",
        );
    }

    #[DataProvider('seeds')]
    public function test_an_edit_leaves_the_draft_it_was_made_on_alone(Chance $chance): void
    {
        $draft = Trees::draft();
        DrawnEdits::any($chance, $draft, (string) 1)->apply($draft, Trees::schema());

        self::assertEquals(Trees::draft(), $draft);
    }

    /** @return array<string, mixed> */
    private static function write(Draft $draft): array
    {
        return ['tree' => TreeReader::write($draft->tree), 'reach' => $draft->reach->toArray()];
    }
}
