<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;

/** What the blocks of headers and footers promise. */
final class AroundBlocksTest extends TestCase
{
    public function test_the_categories_open_what_lies_beneath_them(): void
    {
        $entries = self::entries(self::block(new Node('b', 'navigation'), self::category(World::BOTTLED, 'Bottled')));

        self::assertSame(
            [['Ink', ['Bottled']], ['Pens', ['Fountain']], ['All', []]],
            array_map(static fn (array $one): array => [$one['name'], array_column($one['beneath'], 'name')], $entries),
        );
        self::assertSame(
            [[false, true], [false, false], [false, false]],
            array_map(static fn (array $one): array => [$one['current'], $one['on']], $entries),
            'What a page lies beneath is marked.',
        );
        self::assertSame([[true]], [array_column($entries[0]['beneath'], 'current')], 'And so is the page itself.');
    }

    public function test_they_begin_where_the_owner_says_and_open_only_if_so_set(): void
    {
        $names = static fn (array $what): array => array_map(
            static fn (array $one): array => [$one['name'], array_column($one['beneath'], 'name')],
            self::entries(self::block(new Node('b', 'navigation', $what))),
        );

        self::assertSame([['Bottled', ['Shimmer']]], $names(['top' => World::INK, 'all' => false]));
        self::assertSame([['Ink', []], ['Pens', []]], $names(['opens' => false, 'all' => false]));
        self::assertSame(
            'there are no categories yet',
            self::block(new Node('b', 'navigation', ['top' => World::SHIMMER]))->absent,
        );
        self::assertSame(
            [['Ink', ['Bottled']], ['Pens', ['Fountain']]],
            $names(['top' => 9999, 'all' => false]),
            'A category that is gone leaves the way to all of them.',
        );
    }

    public function test_pictures_are_asked_for_only_where_they_are_shown(): void
    {
        $picture = static fn (array $what): mixed =>
            self::entries(self::block(new Node('b', 'navigation', $what)))[0]['beneath'][0]['picture'];

        self::assertIsArray($picture(['pictures' => true]));
        self::assertNull($picture([]));
    }

    public function test_two_thousand_categories_are_shown_as_far_as_anybody_reads_and_the_rest_is_led_to(): void
    {
        $categories = [];
        for ($id = 1; $id <= 2000; $id++) {
            $categories[] = new Category($id, $id <= 40 ? null : ($id % 40) + 1, "Category $id", "c-$id");
        }
        $entries = self::entries(self::block(new Node('b', 'navigation'), tree: CategoryTree::of($categories)));

        self::assertCount(25, $entries);
        self::assertSame('/all', $entries[24]['address']);
        self::assertSame([18, true], [count($entries[0]['beneath']), $entries[0]['all']]);
    }

    public function test_collections_are_in_the_order_in_which_they_were_picked(): void
    {
        $node = self::block(new Node('b', 'navigation', ['from' => 'collections', 'collections' => [5, 2]]));
        self::assertSame(['collection 5', 'collection 2', 'All'], array_column(self::entries($node), 'name'));
        self::assertSame(
            'no collections are picked that customers can see',
            self::block(new Node('b', 'navigation', ['from' => 'collections', 'all' => false]))->absent,
        );
    }

    public function test_links_stand_beneath_the_one_before_if_so_written_and_half_written_ones_not_at_all(): void
    {
        $links = [
            self::link('Early', '/early', true), self::link('Help', '/help'), self::link('Post', '/post', true),
            self::link('', '/nothing'), self::link('Nowhere', ''), self::link('Us', '/us'),
        ];
        $names = static fn (array $what): array => array_map(
            static fn (array $one): array => [$one['name'], array_column($one['beneath'], 'name')],
            self::entries(self::block(new Node('b', 'navigation', ['from' => 'links', 'links' => $links] + $what))),
        );

        self::assertSame([['Early', []], ['Help', ['Post']], ['Us', []]], $names([]));
        self::assertSame([['Early', []], ['Help', []], ['Post', []], ['Us', []]], $names(['opens' => false]));
        self::assertSame(
            'no links yet',
            self::block(new Node('b', 'navigation', ['from' => 'links', 'links' => [self::link('Words', '')]]))->absent,
        );
        self::assertSame(
            [['words' => 'Help', 'link' => '/help', 'under' => false]],
            self::block(
                new Node('b', 'links', ['links' => [self::link('Help', '/help'), self::link('Words', '')]]),
            )->data['links'],
        );
        self::assertSame('no links yet', self::block(new Node('b', 'links'))->absent);
    }

    public function test_the_logo_is_the_shops_name_or_another_or_a_picture(): void
    {
        self::assertSame(['name' => 'Larkfold', 'picture' => null], self::block(new Node('b', 'logo'))->data);
        self::assertSame('Lark', self::block(new Node('b', 'logo', ['name' => 'Lark']))->data['name']);
        self::assertIsArray(self::block(new Node('b', 'logo', ['picture' => 50]))->data['picture']);
    }

    public function test_the_way_to_the_cart_says_how_much_is_in_it_and_is_never_without_words(): void
    {
        self::assertSame(
            ['label' => 'Cart', 'look' => 'both', 'count' => 2],
            self::block(new Node('b', 'cart-link', ['label' => ' ']))->data,
        );
    }

    public function test_a_notice_that_was_closed_comes_back_when_it_says_something_else(): void
    {
        $mark = static fn (array $what): mixed => self::block(new Node('b', 'notice-strip', $what))->data['mark']
            ?? null;
        self::assertIsString($mark(['text' => 'Closed on Monday.']));
        self::assertMatchesRegularExpression(
            '/^[0-9a-f]{12}$/',
            (string) json_decode((string) json_encode($mark(['text' => 'Closed on Monday.']))),
        );
        self::assertSame(
            $mark(['text' => 'Closed on Monday.']),
            $mark(['text' => 'Closed on Monday.', 'more' => 'Read on']),
        );
        self::assertNotSame($mark(['text' => 'Closed on Monday.']), $mark(['text' => 'Closed on Tuesday.']));
        self::assertNull($mark(['text' => 'Closed on Monday.', 'closes' => false]));
        self::assertSame(
            '',
            self::block(new Node('b', 'notice-strip', ['more' => 'Read on']))->data['more'],
            'Without an address there is no link.',
        );
        self::assertNotNull(self::block(new Node('b', 'notice-strip', ['text' => ' ']))->absent);
    }

    public function test_opening_hours_say_whether_it_is_open_and_until_when_that_holds(): void
    {
        $week = [
            'monday' => '9–18', 'tuesday' => '9–18', 'wednesday' => '9–18', 'thursday' => '9–18', 'friday' => '9–18',
            'saturday' => '10–14',
        ];
        $hours = self::block(new Node('b', 'opening-hours', $week));
        self::assertSame(
            [true, 1_795_543_200],
            [$hours->data['open'], $hours->until],
            'A Tuesday at noon; closed at six.',
        );
        self::assertSame(
            [
                ['days' => 'Monday to Friday', 'hours' => '09:00–18:00'],
                ['days' => 'Saturday', 'hours' => '10:00–14:00'],
                ['days' => 'Sunday', 'hours' => 'closed'],
            ],
            $hours->data['rows'],
        );
        $quiet = self::block(new Node('b', 'opening-hours', $week + ['now' => false, 'table' => false]));
        self::assertSame([null, [], null], [$quiet->data['open'], $quiet->data['rows'], $quiet->until]);
        self::assertFalse(
            self::block(new Node('b', 'opening-hours', $week + ['closed' => '2026-11-24']))->data['open'],
        );
        self::assertSame(
            'no hours are written down',
            self::block(new Node('b', 'opening-hours'))->absent,
            'When a shop is open, nobody says but the shop.',
        );
    }

    public function test_small_print_is_of_this_year_until_the_shops_new_year(): void
    {
        $print = self::block(new Node('b', 'small-print'));
        self::assertSame(['© 2026 Larkfold', 1_798_761_600], [$print->data['text'], $print->until]);
        self::assertNull(self::block(new Node('b', 'small-print', ['text' => 'Prices with tax.']))->until);
        self::assertSame(
            'it says nothing',
            self::block(new Node('b', 'small-print', ['text' => ' ', 'links' => [self::link('', '/')]]))->absent,
        );
    }

    public function test_styles_of_what_stands_around_a_page_do_not_meet_those_of_the_page(): void
    {
        $styled = static fn (string $root): Node =>
            new Node('r', $root, children: [new Node("b$root", 'band', how: ['desktop' => ['minHeight' => 40]])]);
        $css = static fn (string $root): string => Kinds::composer()->compose($styled($root), self::context())->css;
        foreach (['header' => '[data-sh1]', 'footer' => '[data-sf1]', 'page' => '[data-s1]'] as $root => $mark) {
            self::assertStringContainsString($mark, $css($root));
        }
    }

    /** @return array{words: string, link: string, under: bool} */
    private static function link(string $words, string $link, bool $under = false): array
    {
        return ['words' => $words, 'link' => $link, 'under' => $under];
    }

    /**
     * @return list<array{name: string, address: string, picture: mixed, current: bool, on: bool, all: bool,
     *     beneath: list<array<string, mixed>>}>
     */
    private static function entries(ComposedNode $node): array
    {
        self::assertNull($node->absent);
        /**
         * @var list<array{name: string, address: string, picture: mixed, current: bool, on: bool, all: bool,
         *     beneath: list<array<string, mixed>>}> $entries
         */
        $entries = $node->data['entries'];

        return $entries;
    }

    private static function category(int $id, string $name): Assortment
    {
        return new Assortment(SubjectKind::Category, $id, strtolower($name), $name);
    }

    private static function block(Node $block, ?Subject $subject = null, ?CategoryTree $tree = null): ComposedNode
    {
        $page = new Node(
            'page',
            'header',
            children: [new Node('band', 'band', children: [new Node('column', 'column', children: [$block])])],
        );

        return self::composed($page, $subject, $tree)->page->children[0]->children[0]->children[0];
    }

    private static function composed(Node $page, ?Subject $subject, ?CategoryTree $tree): ComposedPage
    {
        return Kinds::composer()->compose($page, self::context($subject, $tree));
    }

    private static function context(?Subject $subject = null, ?CategoryTree $tree = null): Context
    {
        return new Context(
            $subject ?? self::category(World::FOUNTAIN, 'Fountain'),
            null,
            $tree ?? World::tree(),
            new Pages,
            new MoneyFormat('GBP', 'en_GB'),
            new DateTimeImmutable('2026-11-24 12:00:00'),
            new PlainShop,
            Pages::messages(),
            [50 => Pages::pictureNumber(50)],
        );
    }
}
