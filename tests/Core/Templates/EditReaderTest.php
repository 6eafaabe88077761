<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\SetValue;

final class EditReaderTest extends TestCase
{
    /** @return iterable<string, array{mixed, string}> */
    public static function malformed(): iterable
    {
        yield 'words' => ['remove', 'edit.not-an-edit'];
        yield 'no name' => [['id' => 'a'], 'edit.unknown'];
        yield 'a list as the name' => [['edit' => ['remove'], 'id' => 'a'], 'edit.unknown'];
        yield 'an unknown name' => [['edit' => 'explode', 'id' => 'a'], 'edit.unknown'];
        yield 'remove without an id' => [['edit' => 'remove'], 'edit.not-an-edit'];
        yield 'move without an id' => [['edit' => 'move', 'parent' => 'a', 'after' => null], 'edit.not-an-edit'];
        yield 'move without a parent' => [['edit' => 'move', 'id' => 'a'], 'edit.not-an-edit'];
        yield 'move behind a number' =>
            [['edit' => 'move', 'id' => 'a', 'parent' => 'b', 'after' => 3], 'edit.not-an-edit'];
        yield 'insert without a place' => [['edit' => 'insert', 'node' => ['kind' => 'text']], 'edit.not-an-edit'];
        yield 'insert nothing' => [['edit' => 'insert', 'parent' => 'a'], 'tree.not-an-object'];
        yield 'insert an unknown kind' =>
            [['edit' => 'insert', 'parent' => 'a', 'node' => ['kind' => 'x']], 'tree.unknown-kind'];
        yield 'set without a question' => [['edit' => 'set', 'id' => 'a', 'setting' => 's'], 'edit.not-an-edit'];
        yield 'set an unknown question' =>
            [['edit' => 'set', 'id' => 'a', 'question' => 'why', 'setting' => 's'], 'edit.not-an-edit'];
        yield 'set an unknown width' => [
            ['edit' => 'set', 'id' => 'a', 'question' => 'how', 'width' => 'watch', 'setting' => 's'],
            'edit.not-an-edit',
        ];
        yield 'set without a setting' => [['edit' => 'set', 'id' => 'a', 'question' => 'what'], 'edit.not-an-edit'];
        yield 'a reach that is none' => [['edit' => 'reach', 'reach' => 'all'], 'reach.not-an-object'];
    }

    #[DataProvider('malformed')]
    public function test_what_is_malformed_is_a_problem(mixed $input, string $code): void
    {
        $problems = $this->reader()->parse($input);

        self::assertIsArray($problems);
        self::assertSame($code, $problems[0]->code->value);
    }

    public function test_the_width_is_desktop_unless_said(): void
    {
        $edit = $this->reader()->parse([
            'edit' => 'set', 'id' => 'a', 'question' => 'how', 'setting' => 'size', 'value' => 3,
        ]);

        self::assertInstanceOf(SetValue::class, $edit);
        self::assertSame(Width::Desktop, $edit->width);
    }

    public function test_an_inserted_block_keeps_the_ids_it_came_with(): void
    {
        $edit = $this->reader()->parse([
            'edit' => 'insert', 'parent' => 'a', 'after' => 'b', 'node' => ['id' => 'mine', 'kind' => 'text'],
        ]);

        self::assertInstanceOf(Insert::class, $edit);
        self::assertSame(['mine', 'a', 'b'], [$edit->node->id, $edit->parent, $edit->after]);
    }

    private function reader(): EditReader
    {
        return new EditReader(
            Trees::reader(),
            static fn (): ReachReader => new ReachReader(
                RuleFields::standard(),
                ShopZone::of('Europe/London'),
                PageKind::Product,
            ),
        );
    }
}
