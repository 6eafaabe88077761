<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;

/** What the blocks of pages of sets of products promise, and what blocks of products do there. */
final class ListingBlocksTest extends TestCase
{
    public function test_the_title_is_the_name_with_words_before_it(): void
    {
        self::assertSame(
            ['before' => '', 'text' => 'Bottled', 'level' => 'h1'],
            self::block(new Node('b', 'page-title'))->data,
        );
        self::assertSame('All of', self::block(new Node('b', 'page-title', ['before' => 'All of']))->data['before']);
    }

    public function test_a_description_that_is_empty_is_not_there(): void
    {
        self::assertSame(['text' => 'In glass.'], self::block(new Node('b', 'page-description'))->data);
        self::assertSame(
            'this category has no description',
            self::block(new Node('b', 'page-description'), self::category(''))->absent,
        );
        self::assertSame(
            'this brand has no description',
            self::block(
                new Node('b', 'page-description'),
                new Assortment(SubjectKind::Brand, 3, 'o', 'Ostrelve'),
            )->absent,
        );
    }

    public function test_the_grid_shows_the_products_of_the_page(): void
    {
        $grid = self::block(new Node('b', 'product-grid'));
        self::assertSame(['Product 1', 'Product 2', 'Product 3'], Pages::titles($grid));
        self::assertSame(
            [27, 'new', ['new', 'title']],
            [$grid->data['total'], $grid->data['sort'], array_keys($grid->data['sorts'])],
        );
        self::assertSame(
            [null, 1_900_000_000, 1_800_000_000],
            array_column($grid->cards, 'until'),
            'When the price on each changes.',
        );
        $plain = self::block(
            new Node('b', 'product-grid', ['count' => false, 'order' => false, 'empty' => 'Come back.']),
        );
        self::assertSame(
            [null, [], 'Come back.'],
            [$plain->data['total'], $plain->data['sorts'], $plain->data['empty']],
        );
        self::assertSame(
            'There is nothing on this shelf at the moment.',
            self::block(new Node('b', 'product-grid'))->data['empty'],
        );
        self::assertSame('', self::block(new Node('b', 'product-grid', ['empty' => ' ']))->data['empty']);
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
    public function test_paging_leads_to_the_first_the_last_and_those_around(
        int $page,
        int $pages,
        array $numbers,
    ): void {
        $paging = self::block(new Node('b', 'paging'), listed: new Listed([], 100, $page, $pages, 'new', []))->data;
        self::assertSame(
            $numbers,
            array_map(static fn (?array $one): ?int => $one['number'] ?? null, $paging['numbers']),
        );
        $before = $page === 2 ? '?' : '?page='.($page - 1);
        self::assertSame(
            [$page > 1 ? $before : null, $page < $pages ? '?page='.($page + 1) : null],
            [$paging['before'], $paging['next']],
            'The first page has one address.',
        );
    }

    public function test_an_order_that_was_asked_for_stays_from_page_to_page(): void
    {
        self::assertSame(
            '?sort=cheap&page=2',
            self::block(
                new Node('b', 'paging'),
                listed: new Listed([], 30, 1, 3, 'cheap', [], asked: ['sort' => 'cheap']),
            )->data['next'],
        );
        self::assertSame(
            'all products stand on one page',
            self::block(new Node('b', 'paging'), listed: new Listed([], 3, 1, 1, 'new', []))->absent,
        );
    }

    public function test_what_lies_beneath_with_pictures_and_numbers_as_the_owner_wants(): void
    {
        $plain = self::block(new Node('b', 'beneath'))->data;
        self::assertSame(
            [['Shimmer', '/c/shimmer', null], ['Permanent', '/c/permanent', null]],
            array_map(static fn (array $one): array => [$one['name'], $one['address'], $one['count']], $plain['links']),
        );
        $full = self::block(new Node('b', 'beneath', ['pictures' => true, 'counts' => true]))->data;
        self::assertSame([4, 0], array_column($full['links'], 'count'));
        self::assertSame(
            ['/pictures/file1-400.webp 400w, /pictures/file1-800.webp 800w', null],
            array_map(static fn (array $one): ?string => $one['picture']['srcset'] ?? null, $full['links']),
        );
        self::assertSame(
            ['It glints.', ''],
            array_column(self::block(new Node('b', 'beneath', ['words' => true]))->data['links'], 'words'),
        );
        self::assertSame(['', ''], array_column($full['links'], 'words'));
    }

    public function test_ways_lead_to_what_was_picked_in_that_order(): void
    {
        $names = static fn (array $what): array => array_column(
            (array) (self::block(
                new Node('b', 'beneath', $what),
                new SinglePage(SubjectKind::Home, 'Home', 'home'),
            )->data['links']
                ?? []),
            'name',
        );
        self::assertSame(['collection 7', 'collection 2'], $names(['from' => 'collection', 'collections' => [7, 2]]));
        self::assertSame(['category 3'], $names(['from' => 'category', 'categories' => [3], 'collections' => [7]]));
        self::assertSame(['brand 4'], $names(['from' => 'brand', 'brands' => [4]]));
        self::assertSame(['collection 1', 'collection 2'], $names(['from' => 'collections']));
        self::assertSame(['Shimmer', 'Permanent'], $names([]), 'The categories at the top.');
        self::assertSame(
            'nothing is picked that customers can see',
            self::block(new Node('b', 'beneath', ['from' => 'brand']))->absent,
        );
    }

    public function test_a_grid_is_fed_by_a_rule_a_collection_or_by_hand_wherever_it_stands(): void
    {
        $home = new SinglePage(SubjectKind::Home, 'Home', 'home');
        $titles = static fn (array $what): array =>
            Pages::titles(self::block(new Node('b', 'product-grid', $what), $home));
        $ofInk = [
            'format' => 2,
            'show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [3]]]],
            'keepOff' => [],
        ];
        self::assertSame(
            ['Product 1', 'Product 2'],
            $titles(['feed' => 'rule', 'perPage' => 2]),
            'Without a rule: everything there is.',
        );
        self::assertSame(['Product 3', 'Product 2'], $titles(['feed' => 'collection', 'collection' => 4]));
        self::assertSame(['Product 3'], $titles(['feed' => 'collection', 'collection' => 4, 'perPage' => 1]));
        self::assertSame(['Product 2'], $titles(['feed' => 'chosen', 'products' => [2]]));
        foreach ([
            'this home page has no products of its own: choose what it shows' => [],
            'no product fits the rule' => ['feed' => 'rule', 'rule' => $ofInk],
            'no collection is chosen' => ['feed' => 'collection'],
            'the collection has no products in the shop' => ['feed' => 'collection', 'collection' => 9],
        ] as $why => $what) {
            self::assertSame($why, self::block(new Node('b', 'product-grid', $what), $home)->absent);
        }
        $fed = self::block(new Node('b', 'product-grid', ['feed' => 'rule']))->data;
        self::assertSame(
            [null, [], null],
            [$fed['total'], $fed['sorts'], $fed['page']],
            'Only the one fed by the page pages and sorts.',
        );
    }

    public function test_a_grid_has_a_title_where_one_is_wanted(): void
    {
        $title = static fn (array $what): string =>
            (string) self::block(new Node('b', 'product-grid', $what))->data['title'];
        self::assertSame(
            ['', Pages::messages()->say('cards.title'), 'New'],
            [$title(['title' => 'Unused']), $title(['titled' => true]), $title(['titled' => true, 'title' => 'New'])],
        );
    }

    public function test_only_a_grid_fed_by_the_page_is_what_the_page_cannot_do_without(): void
    {
        $essential = static fn (string $kind, array $what): ?Essential =>
            self::block(new Node('b', $kind, $what))->essential;
        self::assertSame(Essential::Products, $essential('product-grid', []));
        self::assertNull($essential('product-grid', ['feed' => 'rule']));
        self::assertSame(Essential::Title, $essential('page-banner', []));
        self::assertNull($essential('page-banner', ['title' => false]));
    }

    public function test_the_banner_has_the_pages_own_picture_or_one_chosen_here(): void
    {
        $plain = new Assortment(SubjectKind::Tag, 4, 'gift', 'Gift');
        $banner = self::block(new Node('b', 'page-banner'))->data;
        self::assertSame([5, 'Bottled', 'In glass.'], [$banner['picture']['id'], $banner['title'], $banner['words']]);
        self::assertSame(
            ['picture' => null, 'narrow' => null, 'title' => 'Gift', 'words' => ''],
            self::block(new Node('b', 'page-banner'), $plain)->data,
        );
        self::assertSame(
            ['', ''],
            array_values(array_diff_key(
                self::block(new Node('b', 'page-banner', ['title' => false, 'words' => false]))->data,
                ['picture' => true, 'narrow' => true],
            )),
        );
        self::assertSame(
            'this tag has no picture',
            self::block(new Node('b', 'page-banner', ['title' => false, 'words' => false]), $plain)->absent,
        );
    }

    public function test_which_products_stand_here_and_how_many_there_are(): void
    {
        $count = static fn (Listed $listed): array => self::block(new Node('b', 'result-count'), listed: $listed)->data;
        self::assertSame(
            ['from' => 13, 'number' => '13', 'to' => 24, 'total' => 57, 'all' => false],
            $count(new Listed([], 57, 2, 5, 'new', [], 12)),
        );
        self::assertSame(
            ['from' => 49, 'number' => '49', 'to' => 57, 'total' => 57, 'all' => false],
            $count(new Listed([], 57, 5, 5, 'new', [], 12)),
        );
        self::assertSame(
            ['from' => 1, 'number' => '1', 'to' => 3, 'total' => 3, 'all' => true],
            $count(new Listed([], 3, 1, 1, 'new', [], 12)),
        );
        self::assertSame(
            [0, 0],
            [(new Listed([], 0, 1, 1, 'new', [], 12))->from(), (new Listed([], 0, 1, 1, 'new', [], 12))->to()],
        );
        self::assertSame(
            'there are no products here',
            self::block(new Node('b', 'result-count'), listed: new Listed([], 0, 1, 1, 'new', [], 12))->absent,
        );
    }

    public function test_order_and_number_keep_what_else_was_asked_for(): void
    {
        $listed = new Listed([], 57, 1, 3, 'cheap', ['new', 'cheap'], 24, [12, 24, 48], [
            'sort' => 'cheap',
            'show' => 24,
        ]);
        self::assertSame(
            ['value' => 'cheap', 'values' => ['new', 'cheap'], 'asked' => ['show' => 24]],
            self::block(new Node('b', 'list-order'), listed: $listed)->data,
        );
        self::assertSame(
            ['value' => 24, 'values' => [12, 24, 48], 'asked' => ['sort' => 'cheap']],
            self::block(new Node('b', 'per-page'), listed: $listed)->data,
        );
        self::assertSame(['show' => 24], self::block(new Node('b', 'product-grid'), listed: $listed)->data['asked']);
        self::assertSame('?sort=cheap&show=24&page=2', $listed->address(2));
        self::assertSame(
            'there is nothing to put in order',
            self::block(new Node('b', 'list-order'), listed: new Listed([], 1, 1, 1, 'new', ['new']))->absent,
        );
        self::assertSame(
            'all products stand on one page',
            self::block(
                new Node('b', 'per-page'),
                listed: new Listed([], 12, 1, 1, 'new', [], 12, [12, 24, 48]),
            )->absent,
        );
    }

    public function test_the_way_to_a_category_ends_with_itself(): void
    {
        $crumbs = self::block(new Node('b', 'breadcrumbs'))->data;
        self::assertSame('Bottled', $crumbs['here']);
        self::assertSame(2, count($crumbs['links']), 'The shop, and the category above.');
        self::assertSame(
            'this category is in no category',
            self::block(
                new Node('b', 'breadcrumbs', ['home' => false]),
                new Assortment(SubjectKind::Category, World::INK, 'ink', 'Ink'),
            )->absent,
        );
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
        self::assertSame(
            'works inside a card or a holder that shows a product',
            self::block(new Node('b', $kind))->absent,
        );
        self::assertNotSame(
            'this block failed',
            self::block(
                new Node('h', 'holder', ['subject' => 8], children: [new Node('b', $kind)]),
            )->children[0]->absent,
        );
    }

    #[DataProvider('everyKind')]
    public function test_no_block_fails_on_a_page_of_another_kind(string $kind): void
    {
        foreach ([
            self::category(),
            new Assortment(SubjectKind::Tag, 4, 'gift', 'gift'),
            new SinglePage(SubjectKind::Home, 'Home', 'home'),
            new Assortment(SubjectKind::AllProducts, 1, 'all', 'All'),
        ] as $subject) {
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
        $words = static fn (string $source, string $otherwise = ''): string => self::block(
            new Node('b', 'text', ['text' => ['source' => $source, 'otherwise' => $otherwise]]),
        )->data['text']
            ?? '';
        self::assertSame(
            ['Bottled', 'In glass.', '27', 'Larkfold'],
            array_map($words, ['page.title', 'page.description', 'page.products', 'shop.name']),
        );
        self::assertSame('Typed.', $words('product.title', 'Typed.'), 'A page about no product gives nothing of one.');
        self::assertSame(
            5,
            self::block(new Node('b', 'picture', ['picture' => ['source' => 'page.picture']]))->data['id'],
        );
        self::assertNotNull(
            self::block(
                new Node('b', 'picture', ['picture' => ['source' => 'page.picture']]),
                new Assortment(SubjectKind::Category, World::BOTTLED, 'bottled', 'Bottled'),
            )->absent,
        );
    }

    private static function category(string $description = 'In glass.'): Assortment
    {
        return new Assortment(
            SubjectKind::Category,
            World::BOTTLED,
            'bottled',
            'Bottled',
            $description,
            Pages::pictureNumber(5),
            27,
        );
    }

    public static function block(Node $block, ?Subject $subject = null, ?Listed $listed = null): ComposedNode
    {
        return self::composed([$block], $subject, $listed)->children[0]->children[0]->children[0];
    }

    public static function page(Node ...$blocks): ComposedNode
    {
        return self::composed(array_values($blocks), null, null);
    }

    public function test_the_products_of_a_page_are_its_own_only_where_a_block_shows_them(): void
    {
        $shown = new Node('g', 'product-grid', ['feed' => 'page']);
        $hidden = new Node('g', 'product-grid', ['feed' => 'page'], when: ['off' => true]);
        $listed = new Listed([1, 2, 3], 27, 2, 9, 'new', ['new' => 'Newest first']);

        self::assertSame($listed, self::composedPage([$shown], null, $listed)->listed);
        self::assertNull(self::composedPage([$hidden], null, $listed)->listed);
        self::assertNull(self::composedPage([new Node('t', 'page-title')], null, $listed)->listed);
    }

    /** @param  list<Node>  $blocks */
    private static function composed(array $blocks, ?Subject $subject, ?Listed $listed): ComposedNode
    {
        return self::composedPage($blocks, $subject, $listed)->page;
    }

    /** @param  list<Node>  $blocks */
    private static function composedPage(array $blocks, ?Subject $subject, ?Listed $listed): ComposedPage
    {
        $page = new Node(
            'page',
            'page',
            children: [new Node('band', 'band', children: [new Node('column', 'column', children: $blocks)])],
        );
        $about = $subject ?? self::category();
        $context = new Context(
            $about,
            null,
            World::tree(),
            new Pages,
            new MoneyFormat('GBP', 'en_GB'),
            new DateTimeImmutable('2026-11-24 12:00:00'),
            new PlainShop,
            Pages::messages(),
            others: PlainShop::others($page),
            list: $listed ?? PlainShop::list($page, $about),
        );

        return Kinds::composer()->compose($page, $context);
    }
}
