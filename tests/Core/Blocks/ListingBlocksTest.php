<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;

/** What the blocks of pages of sets of products promise, and what blocks of products do there. */
final class ListingBlocksTest extends TestCase
{
    public function test_the_title_is_the_name_with_words_before_it(): void
    {
        self::assertSame(['before' => '', 'text' => 'Bottled', 'level' => 'h1'], self::block(new Node('b', 'page-title'))->data);
        self::assertSame('All of', self::block(new Node('b', 'page-title', ['before' => 'All of']))->data['before']);
    }

    public function test_a_description_that_is_empty_is_not_there(): void
    {
        self::assertSame(['text' => 'In glass.'], self::block(new Node('b', 'page-description'))->data);
        self::assertSame('this category has no description', self::block(new Node('b', 'page-description'), self::category(''))->absent);
        self::assertSame('this brand has no description', self::block(new Node('b', 'page-description'), new Assortment(SubjectKind::Brand, 3, 'o', 'Ostrelve'))->absent);
    }

    public function test_the_grid_shows_the_products_of_the_page(): void
    {
        $grid = self::block(new Node('b', 'product-grid'));
        self::assertSame(['Product 1', 'Product 2', 'Product 3'], array_column($grid->data['cards'], 'title'));
        self::assertSame([27, 'new', ['new', 'title']], [$grid->data['total'], $grid->data['sort'], array_keys($grid->data['sorts'])]);
        self::assertSame(1_800_000_000, $grid->until, 'The first card whose price changes.');
        $plain = self::block(new Node('b', 'product-grid', ['count' => false, 'order' => false, 'empty' => 'Come back.']));
        self::assertSame([null, [], 'Come back.'], [$plain->data['total'], $plain->data['sorts'], $plain->data['empty']]);
        self::assertSame('There is nothing on this shelf at the moment.', self::block(new Node('b', 'product-grid', ['empty' => ' ']))->data['empty'], 'It is never without words.');
    }

    /** @return iterable<string, array{int, int, list<int|null>}> */
    public static function pages(): iterable
    {
        yield 'the first of few' => [1, 3, [1, 2, 3]];
        yield 'in the middle' => [5, 9, [1, null, 3, 4, 5, 6, 7, null, 9]];
        yield 'near the beginning' => [3, 9, [1, 2, 3, 4, 5, null, 9]];
        yield 'the last' => [9, 9, [1, null, 7, 8, 9]];
        yield 'two' => [2, 2, [1, 2]];
    }

    /** @param  list<int|null>  $numbers */
    #[DataProvider('pages')]
    public function test_paging_leads_to_the_first_the_last_and_those_around(int $page, int $pages, array $numbers): void
    {
        $paging = self::block(new Node('b', 'paging'), listed: new Listed([], 100, $page, $pages, 'new', []))->data;
        self::assertSame($numbers, array_map(static fn (?array $one): ?int => $one['number'] ?? null, $paging['numbers']));
        self::assertSame([$page > 1 ? '?page='.($page - 1) : null, $page < $pages ? '?page='.($page + 1) : null], [$paging['before'], $paging['next']]);
    }

    public function test_an_order_that_was_asked_for_stays_from_page_to_page(): void
    {
        self::assertSame('?sort=cheap&page=2', self::block(new Node('b', 'paging'), listed: new Listed([], 30, 1, 3, 'cheap', [], true))->data['next']);
        self::assertSame('all products stand on one page', self::block(new Node('b', 'paging'), listed: new Listed([], 3, 1, 1, 'new', []))->absent);
    }

    public function test_what_lies_beneath_with_pictures_and_numbers_as_the_owner_wants(): void
    {
        $plain = self::block(new Node('b', 'beneath'))->data;
        self::assertSame([['Shimmer', '/c/shimmer', null], ['Permanent', '/c/permanent', null]], array_map(static fn (array $one): array => [$one['name'], $one['address'], $one['count']], $plain['links']));
        $full = self::block(new Node('b', 'beneath', ['pictures' => true, 'counts' => true]))->data;
        self::assertSame([4, 0], array_column($full['links'], 'count'));
        self::assertSame(['/pictures/file1-400.webp', null], array_map(static fn (array $one): ?string => $one['picture']['small'] ?? null, $full['links']));
        self::assertSame('works on pages of categories', self::block(new Node('b', 'beneath'), new Assortment(SubjectKind::Brand, 3, 'o', 'Ostrelve'))->absent);
    }

    public function test_the_way_to_a_category_ends_with_itself(): void
    {
        $crumbs = self::block(new Node('b', 'breadcrumbs'))->data;
        self::assertSame('Bottled', $crumbs['here']);
        self::assertSame(2, count($crumbs['links']), 'The shop, and the category above.');
        self::assertSame('this category is in no category', self::block(new Node('b', 'breadcrumbs', ['home' => false]), new Assortment(SubjectKind::Category, World::INK, 'ink', 'Ink'))->absent);
    }

    /** @return iterable<string, array{string}> */
    public static function ofProducts(): iterable
    {
        foreach (Kinds::composer()->schema->all() as $definition) {
            if ($definition->subjects === [SubjectKind::Product]) {
                yield $definition->kind => [$definition->kind];
            }
        }
    }

    #[DataProvider('ofProducts')]
    public function test_a_block_of_products_is_absent_on_other_pages_and_says_where_it_works(string $kind): void
    {
        self::assertSame('works inside a card or a holder that shows a product', self::block(new Node('b', $kind))->absent);
        self::assertNotSame('this block failed', self::block(new Node('h', 'holder', ['subject' => 8], children: [new Node('b', $kind)]))->children[0]->absent);
    }

    #[DataProvider('everyKind')]
    public function test_no_block_fails_on_a_page_of_another_kind(string $kind): void
    {
        foreach ([self::category(), new Assortment(SubjectKind::Tag, 4, 'gift', 'gift')] as $subject) {
            self::assertNotSame('this block failed', self::block(new Node('b', $kind), $subject)->absent);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function everyKind(): iterable
    {
        foreach (Kinds::composer()->schema->all() as $definition) {
            yield $definition->kind => [$definition->kind];
        }
    }

    public function test_words_and_pictures_come_from_what_the_page_is_about(): void
    {
        $words = static fn (string $source, string $otherwise = ''): string => self::block(new Node('b', 'text', ['text' => ['source' => $source, 'otherwise' => $otherwise]]))->data['text'] ?? '';
        self::assertSame(['Bottled', 'In glass.', '27', 'Larkfold'], array_map($words, ['page.title', 'page.description', 'page.products', 'shop.name']));
        self::assertSame('Typed.', $words('product.title', 'Typed.'), 'A page about no product gives nothing of one.');
        self::assertSame(5, self::block(new Node('b', 'picture', ['picture' => ['source' => 'page.picture']]))->data['id']);
        self::assertNotNull(self::block(new Node('b', 'picture', ['picture' => ['source' => 'page.picture']]), new Assortment(SubjectKind::Category, World::BOTTLED, 'bottled', 'Bottled'))->absent);
    }

    private static function category(string $description = 'In glass.'): Assortment
    {
        return new Assortment(SubjectKind::Category, World::BOTTLED, 'bottled', 'Bottled', $description, Pages::pictureNumber(5), 27);
    }

    private static function block(Node $block, ?Assortment $subject = null, ?Listed $listed = null): ComposedNode
    {
        $context = new Context($subject ?? self::category(), null, World::tree(), new Pages, new MoneyFormat('GBP', 'en_GB'), new DateTimeImmutable('2026-11-24 12:00:00'), new PlainShop($listed), Pages::messages());
        $page = new Node('page', 'page', children: [new Node('band', 'band', children: [new Node('column', 'column', children: [$block])])]);

        return Kinds::composer()->compose($page, $context)->page->children[0]->children[0]->children[0];
    }
}
