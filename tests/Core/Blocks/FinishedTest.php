<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\HeadingLevels;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\Types\StepOfScale;

/** What owners finish about a block: how many are said to be left, marks and levels of their own, slides on a card. */
final class FinishedTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, int|null}> how many of 3 are said to be left */
    public static function few(): iterable
    {
        yield 'from five on, where nothing is said' => [[], 3];
        yield 'as many as there are' => [['few' => 3], 3];
        yield 'fewer than there are' => [['few' => 2], null];
        yield 'never' => [['few' => 0], null];
    }

    /** @param  array<string, mixed>  $what */
    #[DataProvider('few')]
    public function test_how_many_are_left_is_said_from_the_owners_number_on(array $what, ?int $left): void
    {
        // Plum, of which there are three.
        self::assertSame($left, Pages::block(new Node('b', 'buy', $what), Pages::ink(), [1 => 12])->data['left']);
        $soldOut = Pages::block(new Node('b', 'buy', ['few' => 99]), Pages::ink(), [1 => 11, 2 => 22]);
        self::assertNull($soldOut->data['left']);
    }

    public function test_marks_may_be_pictures_of_ones_own_as_high_as_they_are_shown(): void
    {
        $marks = static fn (array $what, array $how = []): mixed =>
            Pages::block(new Node('b', 'marks', $what, $how), Pages::ink());

        self::assertSame('no marks chosen', $marks(['pictures' => [99]])->absent);
        $one = $marks(['marks' => ['card'], 'pictures' => [99, 50]])->data;
        self::assertCount(1, $one['marks']);
        self::assertSame(['/pictures/file50-160.webp'], array_column($one['pictures'], 'src'));
        // 4 : 3 and 120 px high is 160 px wide; twice that on fine screens.
        $high = $marks(['pictures' => [50]], ['desktop' => ['height' => 120]])->data;
        self::assertSame(
            ['/pictures/file50-160.webp 160w, /pictures/file50-400.webp 400w'],
            array_column($high['pictures'], 'srcset'),
        );
    }

    public function test_the_pictures_of_a_card_slide_where_somebody_wants_it(): void
    {
        $shown = static fn (string $more): int => count((array) Pages::block(
            new Node('b', 'product-picture', ['more' => $more]),
            Pages::ink(),
        )->data['pictures']);

        self::assertSame([3, 3, 2, 1], array_map($shown, ['slider', 'row', 'hover', 'none']));
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<Node>}> kinds that bring a heading */
    public static function titled(): iterable
    {
        $words = [new Node('w', 'text', ['text' => 'Words'])];
        $fold = [new Node('f', 'fold', ['title' => 'Why?'], children: $words)];

        yield 'facts' => ['facts-table', ['title' => 'Facts'], []];
        yield 'downloads' => ['downloads', ['files' => [60]], []];
        yield 'reviews' => ['reviews', [], []];
        yield 'a list' => ['product-grid', ['feed' => 'chosen', 'products' => [2], 'titled' => true], []];
        yield 'questions' => ['questions', [], $fold];
        yield 'a pop-up' => ['pop-up', [], $words];
        yield 'a tab' => ['tab', [], $words];
    }

    /**
     * @param  array<string, mixed>  $what
     * @param  list<Node>  $children
     */
    #[DataProvider('titled')]
    public function test_a_heading_that_a_block_brings_is_of_the_level_that_somebody_wants(
        string $kind,
        array $what,
        array $children,
    ): void {
        $fact = FactValue::of(new Fact(1, 'Care', FactKind::Text), ['Rinse.']);
        self::assertNotNull($fact);
        $product = new Product(7, 'x', 'Teal', '', '', true, facts: [$fact], reviewCount: 3, starSum: 13);
        $heading = static fn (array $more): mixed =>
            Pages::block(new Node('b', $kind, $more + $what, children: $children), $product)->data['heading'] ?? null;

        self::assertSame(['h2', 'h4', 'p'], [$heading([]), $heading(['level' => 'h4']), $heading(['level' => 'p'])]);
    }

    public function test_plain_words_are_no_heading_and_a_level_left_out_is_told_where_it_is_set(): void
    {
        $downloads = static fn (string $id, string $level): Node =>
            new Node($id, 'downloads', ['files' => [60], 'title' => 'To keep', 'level' => $level]);
        $column = Pages::page(new Node('page', 'page', children: [new Node('band', 'band', children: [
            new Node('column', 'column', children: [
                new Node('t', 'title'), $downloads('a', 'h3'), $downloads('b', 'h4'), $downloads('c', 'p'),
                $downloads('d', 'h2'),
            ]),
        ])]), Pages::ink())->page->children[0]->children[0];

        $schema = Kinds::composer()->schema;

        self::assertSame(
            [null, 'A heading of level 3 comes after one of level 1', null, null, null],
            array_map(static fn (ComposedNode $node): ?string => $node->note, $column->children),
        );
        self::assertSame(
            [1, 3, 4, null, 2],
            array_map(static fn (ComposedNode $node): ?int => HeadingLevels::of($node, $schema), $column->children),
        );
    }

    public function test_how_many_is_asked_once_for_each_product_of_a_page(): void
    {
        $nodes = static function (Node ...$blocks): array {
            $tree = new Node('page', 'page', children: [
                new Node('band', 'band', children: [new Node('c', 'column', children: array_values($blocks))]),
            ]);
            $column = Pages::page($tree, Pages::ink())->page->children[0]->children[0];

            return array_map(
                static fn (ComposedNode $one): array => [$one->data['quantity'] ?? null, $one->absent, $one->note],
                $column->children,
            );
        };
        $each = 'It goes with each of the 2 ways to buy on this page';
        $none = 'nothing on this page buys what it asks for';
        $off = 'Its own quantity field is off: a block of its own asks how many';

        self::assertSame([[true, null, null]], $nodes(new Node('b', 'buy')));
        self::assertSame(
            [[null, null, null], [false, null, $off]],
            $nodes(new Node('q', 'quantity'), new Node('b', 'buy')),
        );
        self::assertSame(
            [[false, null, null], [false, null, $off], [null, null, $each]],
            $nodes(new Node('a', 'buy', ['quantity' => false]), new Node('b', 'buy'), new Node('q', 'quantity')),
        );
        self::assertSame([[null, $none, null]], $nodes(new Node('q', 'quantity')));
        self::assertSame(
            [[true, null, null], [null, 'switched off', null]],
            $nodes(new Node('b', 'buy'), new Node('q', 'quantity', when: ['off' => true])),
            'What is not there asks nothing.',
        );
    }

    public function test_words_lead_where_somebody_wants_also_to_the_brands_page(): void
    {
        $link = static fn (string $kind, mixed $to): mixed =>
            Pages::block(new Node('b', $kind, ['text' => 'Words', 'link' => $to]), Pages::ink())->data['link'];

        foreach (['heading', 'text', 'note'] as $kind) {
            self::assertSame('', $link($kind, ''), $kind);
            self::assertSame('/c/inks', $link($kind, '/c/inks'), $kind);
            self::assertSame('/brand/ostrelve', $link($kind, ['source' => 'product.brand-link']), $kind);
            self::assertSame('/p/teal-tide', $link($kind, ['source' => 'product.link']), $kind);
        }
        $without = new Node('b', 'text', ['text' => 'X', 'link' => ['source' => 'product.brand-link']]);
        self::assertSame('', Pages::block($without, Pages::bare())->data['link']);
        self::assertSame('', Pages::block(new Node('b', 'brand'), Pages::ink())->data['link']);
        $linked = Pages::block(new Node('b', 'brand', ['linked' => true]), Pages::ink());
        self::assertSame('/brand/ostrelve', $linked->data['link']);
    }

    public function test_a_distance_is_a_step_or_pixels(): void
    {
        $type = new StepOfScale;

        self::assertSame(
            [null, null, null, null, SettingProblem::NumberOutside],
            array_map($type->problem(...), [0, 4, '0px', '400px', '401px']),
        );
        foreach ([9, -1, 4.5, '4', '4.5px', '-4px', '04px', '4rem', '4px;}', null, [4]] as $wrong) {
            self::assertSame(SettingProblem::NotAStep, $type->problem($wrong));
        }
        self::assertSame(['var(--step-4)', '24px'], [$type->css(4), $type->css('24px')]);
        self::assertSame('0 to 400 px', $type->limits('401px'));
    }
}
