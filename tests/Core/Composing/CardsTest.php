<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Until;
use Vestibra\Core\Fitting\Fitter;
use Vestibra\Core\Fitting\Matter;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Tests\Core\Blocks\Pages;

/** Products as cards: one tree, composed for each of them. */
final class CardsTest extends TestCase
{
    private const GRID = ['feed' => 'chosen', 'products' => [1, 2, 3]];

    public function test_each_product_has_a_card_with_what_is_its_own(): void
    {
        $grid = Pages::block(new Node('b', 'product-grid', self::GRID), Pages::bare());
        self::assertSame(['Product 1', 'Product 2', 'Product 3'], Pages::titles($grid));
        self::assertSame(
            ['/p/1', '/p/2', '/p/3'],
            array_map(static fn ($card): mixed => $card->children[0]->data['link'], $grid->cards),
        );
        self::assertSame(
            ['£10.00', '£8.00', '£8.00'],
            array_map(static fn ($card): mixed => $card->children[1]->data['now'], $grid->cards),
        );
        self::assertSame(
            [],
            $grid->children,
            'What looks through the blocks of a page does not come upon those of cards.',
        );
    }

    public function test_the_card_is_the_one_that_the_grid_chose(): void
    {
        $root = static fn (array $what): string =>
            Pages::block(new Node('b', 'product-grid', self::GRID + $what), Pages::bare())->cards[0]->id;
        self::assertSame(['card', 'card5'], [$root([]), $root(['card' => 5])]);
    }

    public function test_styles_are_declared_once_for_all_cards_of_all_grids(): void
    {
        $twice = new Node(
            'page',
            'page',
            children: [new Node(
                'band',
                'band',
                children: [new Node(
                    'column',
                    'column',
                    children: [
                        new Node('one', 'product-grid', self::GRID),
                        new Node('two', 'product-grid', self::GRID),
                    ],
                )],
            )],
        );
        $css = Pages::page($twice, Pages::bare())->css;
        self::assertSame(1, substr_count($css, '--card-gap:10px'));
        self::assertTrue((new StyleSheet(StyleMarks::short()))->begins('card'));
    }

    public function test_what_a_page_has_to_have_is_not_had_by_a_card_on_it(): void
    {
        $page = new Node(
            'page',
            'page',
            children: [new Node(
                'band',
                'band',
                children: [new Node('column', 'column', children: [new Node('one', 'product-grid', self::GRID)])],
            )],
        );
        $context = Pages::context(Pages::bare());
        $findings = (new Fitter(Kinds::composer()->schema))
            ->check($page, Pages::page($page, Pages::bare()), $context, PageKinds::standard()->get(PageKind::Product));
        self::assertContains(
            'The page has no price',
            array_column(array_filter($findings, static fn ($one): bool => $one->matter === Matter::Missing), 'about'),
        );
    }

    public function test_a_block_that_breaks_on_every_card_is_one_trouble_and_leaves_the_others(): void
    {
        $breaks = new class implements BlockKind
        {
            public function definition(): Definition
            {
                return new Definition('breaks', 'Breaks', null);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                throw new RuntimeException('It broke.');
            }
        };
        $list = new CardList(
            new Node('root', 'root', children: [new Node('bad', 'breaks'), new Node('good', 'fine')]),
            [Pages::context(Pages::numbered(1)), Pages::context(Pages::numbered(2))],
        );
        $composed = (
            new Composer($breaks, self::lists($list), self::fine('root', Role::Page), self::fine('fine', Role::Block))
        )->compose(new Node('l', 'lists'), Pages::context(Pages::bare()));
        self::assertSame(['bad'], array_column($composed->failures, 'blockId'));
        self::assertSame(['this block failed', null], array_column($composed->page->cards[1]->children, 'absent'));
        self::assertSame(1_900_000_000, $composed->until, 'Its price changes before anything else.');
        self::assertSame([null, 1_900_000_000], array_column($composed->page->cards, 'until'));
        self::assertSame('root', ((array) ($composed->page->toArray()['cards'] ?? []))[0]['id'] ?? null);
    }

    public function test_of_a_card_only_the_blocks_that_are_wanted_are_composed_and_all_styles_declared(): void
    {
        $tree = new Node(
            'root',
            'root',
            children: [new Node('one', 'fine', how: ['desktop' => ['layer' => 3]]), new Node('two', 'fine')],
        );
        $composed = (new Composer(
            self::lists(new CardList($tree, [Pages::context(Pages::numbered(1))], ['two'])),
            self::fine('root', Role::Page),
            self::fine('fine', Role::Block),
        ))
            ->compose(new Node('l', 'lists'), Pages::context(Pages::bare()));
        self::assertSame(['two'], array_column($composed->page->cards[0]->children, 'id'));
        self::assertSame('root', $composed->page->card);
        self::assertStringContainsString('[data-s1][data-b]{z-index:3}', $composed->css);
        $both = (new Composer(
            self::lists(new CardList($tree, [Pages::context(Pages::numbered(1)), Pages::context(Pages::numbered(2))])),
            self::fine('root', Role::Page),
            self::fine('fine', Role::Block),
        ))
            ->compose(new Node('l', 'lists'), Pages::context(Pages::bare()));
        self::assertSame(
            ['data-s1', 'data-s1'],
            array_map(static fn (ComposedNode $card): ?string => $card->find('one')?->mark, $both->page->cards),
        );
    }

    public function test_the_days_of_a_block_on_a_card_are_when_the_page_is_made_anew(): void
    {
        $card = new Node('c', 'card', children: [new Node('t', 'title', [], [], ['days' => ['from' => '2026-12-01']])]);
        $context = Pages::context(Pages::numbered(1));
        $composed = Kinds::composer()->compose($card, $context)->page;
        self::assertSame(
            (new DateTimeImmutable('2026-12-01 00:00 Europe/London'))->getTimestamp(),
            Until::ofCard($composed, Until::days($card, $context), $context),
        );
        self::assertSame([], Until::days($card, null), 'Without any product there is no day to wait for.');
    }

    /** @return iterable<string, array{Node, TreeProblem|null}> */
    public static function cards(): iterable
    {
        $card = static fn (Node ...$blocks): Node => new Node('c', 'card', children: array_values($blocks));
        yield 'a plain one' =>
            [$card(new Node('t', 'title'), new Node('h', 'holder', children: [new Node('p', 'price')])), null];
        yield 'nothing on it' => [$card(), null];
        yield 'a page' => [new Node('p', 'page'), TreeProblem::NotACard];
        yield 'a grid of cards' => [$card(new Node('g', 'product-grid')), TreeProblem::NotOnCards];
        yield 'a grid in a holder' => [
            $card(new Node('h', 'holder', children: [new Node('g', 'product-grid', ['feed' => 'rule'])])),
            TreeProblem::NotOnCards,
        ];
        yield 'a shared part, which may hold a grid' =>
            [$card(new Node('s', 'shared', ['part' => 3])), TreeProblem::NotOnCards];
        yield 'reviews, which would be asked for one by one' =>
            [$card(new Node('r', 'reviews')), TreeProblem::NotOnCards];
        yield 'another product' => [$card(new Node('h', 'holder', ['subject' => 8])), TreeProblem::OtherOnCard];
    }

    #[DataProvider('cards')]
    public function test_what_may_stand_on_a_card(Node $tree, ?TreeProblem $problem): void
    {
        self::assertSame(
            $problem,
            InTemplate::problem(
                TemplateRole::Card,
                PageKind::Card,
                new Draft($tree, new Reach),
                Kinds::composer()->schema,
            )?->code,
        );
    }

    public function test_a_card_has_no_rules(): void
    {
        self::assertSame(
            TreeProblem::PartWithReach,
            InTemplate::problem(
                TemplateRole::Card,
                PageKind::Card,
                new Draft(new Node('c', 'card'), new Reach([Clause::of()])),
                Kinds::composer()->schema,
            )?->code,
        );
    }

    public function test_a_grid_names_its_card_and_without_one_the_fallback(): void
    {
        $named = static fn (array $what): array =>
            Named::in(new Node('b', 'product-grid', $what), Kinds::composer()->schema)['card'] ?? [];
        self::assertSame([[0 => true], [7 => true]], [$named([]), $named(['card' => 7])]);
    }

    /** @return iterable<string, array{array<string, int>, list<string>}> */
    public static function columns(): iterable
    {
        yield 'too many for both' => [['desktop' => 6], ['desktop 6', 'tablet 4', 'phone 2']];
        yield 'too many for a phone' => [['desktop' => 3], ['desktop 3', 'phone 2']];
        yield 'few enough everywhere' => [['desktop' => 2], ['desktop 2']];
        yield 'a phone says itself' => [['desktop' => 5, 'phone' => 3], ['desktop 5', 'tablet 4', 'phone 3']];
        yield 'a tablet says itself' => [['desktop' => 2, 'tablet' => 3], ['desktop 2', 'tablet 3', 'phone 2']];
        yield 'nothing is said' => [[], []];
    }

    /**
     * @param  array<string, int>  $perRow
     * @param  list<string>  $declared
     */
    #[DataProvider('columns')]
    public function test_no_width_takes_over_more_columns_than_it_has_room_for(array $perRow, array $declared): void
    {
        $how = array_map(static fn (int $columns): array => ['perRow' => $columns], $perRow);
        $css = Pages::compose(new Node('b', 'product-grid', self::GRID, $how), Pages::bare())->css;
        $found = [];
        foreach (Width::cases() as $width) {
            $media = $width->media();
            $of = $media === null ? explode('@media', $css)[0] : (explode("@media $media{", $css)[1] ?? '');
            $of = $media === null ? $of : explode('}}', $of)[0];
            if (preg_match('/--grid-per-row:(\d)/', $of, $part) === 1) {
                $found[] = "$width->value $part[1]";
            }
        }
        self::assertSame($declared, $found);
    }

    /** A kind that shows products as cards. */
    private static function lists(CardList $list): BlockKind
    {
        return new class($list) implements BlockKind
        {
            public function __construct(private readonly CardList $list)
            {
            }

            public function definition(): Definition
            {
                return new Definition('lists', 'Lists', null);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                return Composed::shown()->with($this->list);
            }
        };
    }

    /** A kind that shows the title of a product. */
    private static function fine(string $kind, Role $role): BlockKind
    {
        return new class($kind, $role) implements BlockKind
        {
            public function __construct(private readonly string $kind, private readonly Role $role)
            {
            }

            public function definition(): Definition
            {
                return new Definition($this->kind, $this->kind, null, [], $this->role, Role::Block);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                return Composed::shown(['title' => $context->product()->title])
                    ->until($context->product()->id === 2 ? 1_950_000_000 : null);
            }
        };
    }
}
