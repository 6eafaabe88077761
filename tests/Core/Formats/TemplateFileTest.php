<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Formats\TemplateFile;
use Vestibra\Core\Formats\TemplateFileReader;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;
use Vestibra\Tests\Core\Templates\Trees;

/** A template as a file, out and in again. */
final class TemplateFileTest extends TestCase
{
    public function test_what_goes_out_comes_in_the_same(): void
    {
        foreach ([PageKind::Product, PageKind::Category] as $kind) {
            $file = new TemplateFile('Inks', $kind, self::tree(), new Reach([Clause::of(World::in(World::INK))]), [
                ['id' => 1, 'file' => 'a', 'alt' => 'A'],
            ]);
            $read = self::reader()->parse(json_decode((string) json_encode($file->toArray()), true), true);
            self::assertInstanceOf(TemplateFile::class, $read);
            self::assertEquals([$file->name, $kind, $file->tree, $file->reach], [
                $read->name, $read->kind, $read->tree, $read->reach,
            ]);
        }
    }

    public function test_the_reach_comes_in_only_where_it_is_wanted(): void
    {
        $file = (
            new TemplateFile('Inks', PageKind::Product, self::tree(), new Reach([Clause::of(World::in(World::INK))]))
        )->toArray();
        $read = self::reader()->parse($file, false);
        self::assertEquals(new Reach, $read instanceof TemplateFile ? $read->reach : null);
        self::assertInstanceOf(
            TemplateFile::class,
            self::reader()->parse(['reach' => 'nonsense'] + $file, false),
            'Nobody asked for it.',
        );
        self::assertIsArray(self::reader()->parse(['reach' => 'nonsense'] + $file, true));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function strange(): iterable
    {
        $file = (new TemplateFile('A', PageKind::Product, self::tree(), new Reach))->toArray();
        yield 'no file' => ['x', 'import.not-a-template'];
        yield 'something else' => [['vestibra' => 'blocks'], 'import.not-a-template'];
        yield 'a later format' => [['format' => 2] + $file, 'import.unknown-format'];
        yield 'another kind of page' => [['pageKind' => 'moon'] + $file, 'import.page-kind'];
        yield 'a kind that the shop has no templates for' => [['pageKind' => 'cart'] + $file, 'import.page-kind'];
        yield 'no kind' => [['pageKind' => ['product']] + $file, 'import.page-kind'];
        yield 'a key that is none' => [['colour' => 'teal'] + $file, 'import.unknown-key'];
        yield 'a key that is no word' => [[7 => 'teal'] + $file, 'import.unknown-key'];
        yield 'a name that is a number' => [['name' => 7] + $file, 'import.name-no-text'];
        yield 'a name that is a list' => [['name' => ['Inks']] + $file, 'import.name-no-text'];
        yield 'a name that is nothing' => [['name' => null] + $file, 'read'];
        yield 'a name with NUL' => [['name' => "In\0ks"] + $file, 'import.name-no-text'];
        yield 'a name with a line break' => [['name' => "In\nks"] + $file, 'import.name-no-text'];
        yield 'no tree' => [['tree' => null] + $file, 'tree.not-an-object'];
        yield 'a kept part' =>
            [['tree' => ['format' => 1, 'page' => ['id' => 's', 'kind' => 'stage']]] + $file, 'import.not-a-page'];
    }

    #[DataProvider('strange')]
    public function test_what_is_strange_is_said(mixed $file, string $code): void
    {
        $read = self::reader()->parse($file, true);
        self::assertSame($code, is_array($read) ? $read[0]->code->value : 'read');
    }

    public function test_it_is_never_without_a_name(): void
    {
        $file = (new TemplateFile('A', PageKind::Product, self::tree(), new Reach))->toArray();
        foreach (['' => 'Imported', '  Inks ' => 'Inks', str_repeat('é', 90) => str_repeat('é', 80)] as $name =>
            $kept) {
            $read = self::reader()->parse(['name' => $name] + $file, false);
            self::assertSame($kept, $read instanceof TemplateFile ? $read->name : null);
        }
    }

    private static function tree(): Node
    {
        return new Node('p', 'page', children: [new Node('b', 'band', children: [new Node('c', 'column')])]);
    }

    private static function reader(): TemplateFileReader
    {
        return new TemplateFileReader(Trees::reader(), ShopZone::of('Europe/London'), [
            PageKind::Product,
            PageKind::Category,
        ]);
    }
}
