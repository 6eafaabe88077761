<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\AskedBefore;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Node;

final class AskedBeforeTest extends TestCase
{
    /** @return iterable<string, array{Node, SubjectKind, bool}> */
    public static function blocks(): iterable
    {
        $grid = static fn (string $feed): Node => new Node('g', 'product-grid', ['feed' => $feed]);
        yield 'a grid of the page’s products' => [$grid('page'), SubjectKind::Category, true];
        yield 'a grid of others' => [$grid('rule'), SubjectKind::Category, false];
        yield 'the number of products' => [new Node('c', 'result-count'), SubjectKind::Brand, true];
        yield 'how a search was taken' => [new Node('s', 'search-note'), SubjectKind::Query, true];
        yield 'the same where nobody searched' => [new Node('s', 'search-note'), SubjectKind::Category, false];
        yield 'one that is switched off' =>
            [new Node('c', 'result-count', when: ['off' => true]), SubjectKind::Brand, false];
        yield 'one that lists nothing' => [new Node('t', 'title'), SubjectKind::Category, false];
        yield 'one that is not known' => [new Node('x', 'no-such-block'), SubjectKind::Category, false];
        yield 'inside a tab' => [
            new Node('t', 'tabs', children: [new Node('a', 'tab', children: [new Node('c', 'result-count')])]),
            SubjectKind::Category,
            true,
        ];
    }

    #[DataProvider('blocks')]
    public function test_the_products_of_the_page_are_asked_for_where_a_block_reads_them(
        Node $block,
        SubjectKind $subject,
        bool $list,
    ): void {
        self::assertSame($list, AskedBefore::of(self::page($block), Kinds::composer()->schema, $subject)->list);
    }

    public function test_another_product_is_asked_for_by_its_holder_and_what_stands_in_it_comes_with_it(): void
    {
        $inner = new Node('inner', 'holder', ['subject' => 9], children: [new Node('c', 'result-count')]);
        $outer = new Node('outer', 'holder', ['subject' => 8], children: [$inner]);
        $plain = new Node('plain', 'holder', children: [new Node('third', 'holder', ['subject' => 8])]);
        $asked = AskedBefore::of(self::page($outer, $plain), Kinds::composer()->schema, SubjectKind::Category);

        self::assertFalse($asked->list);
        self::assertSame(['outer' => 8, 'third' => 8], array_map(
            static fn (array $one): int => $one['product'],
            $asked->others,
        ));
        self::assertSame($outer, $asked->others['outer']['holder']);
        self::assertSame(
            ['inner'],
            array_keys(AskedBefore::of($outer, Kinds::composer()->schema, SubjectKind::Product)->others),
        );
    }

    private static function page(Node ...$blocks): Node
    {
        $column = new Node('column', 'column', children: array_values($blocks));

        return new Node('page', 'page', children: [new Node('band', 'band', children: [$column])]);
    }
}
