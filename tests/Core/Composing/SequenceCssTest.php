<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Composing\BlockStyles;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Tests\Core\Blocks\Pages;
use Vestibra\Tests\Core\Templates\Trees;

/** A band whose blocks stand one below another, as the CSS of its page. */
final class SequenceCssTest extends TestCase
{
    private const ORDER = ['phone' => ['sequence' => ['a', 'c', 'b']]];

    private const FLOW = 'display:flex;flex-direction:column;align-items:stretch;gap:var(--step-4)';

    public function test_columns_come_apart_and_blocks_are_put_in_order(): void
    {
        $columns = implode(',', array_map(
            static fn (string $id): string => self::said($id).','.self::said($id).' > .column-inner',
            ['left', 'right'],
        ));

        self::assertSame(
            '@media (max-width:639px){[band][data-b] > .band-inner{'.self::FLOW."}$columns{display:contents}"
                .self::said('a').'{order:1}'.self::said('b').'{order:3}'.self::said('c').'{order:2}}',
            self::css(self::band(self::ORDER)),
        );
    }

    public function test_what_holds_on_the_tablet_is_not_said_again_for_the_phone(): void
    {
        $css = self::css(self::band(['tablet' => ['sequence' => ['a', 'c', 'b']]]));

        self::assertStringContainsString('@media (max-width:899px){', $css);
        self::assertStringNotContainsString('639px', $css);
    }

    public function test_a_column_that_moves_as_a_whole_stays_together(): void
    {
        $css = self::css(self::band(self::ORDER, ['phone' => ['ground' => 'surface']]));

        self::assertStringContainsString(self::said('left').'{display:block;order:1}', $css);
        self::assertStringContainsString(self::said('left').' > .column-inner{display:flex}', $css);
        self::assertStringContainsString(self::said('c').'{order:2}', $css);
        self::assertStringNotContainsString(self::said('a').'{', $css);
    }

    public function test_a_column_comes_together_again_where_it_stays_in_view(): void
    {
        $css = self::css(self::band(
            ['tablet' => ['sequence' => ['c', 'a', 'b']]],
            ['tablet' => ['staysInView' => true]],
        ));

        [, $phone] = explode('@media (max-width:639px){', $css);
        self::assertStringContainsString(self::said('left').'{display:block;order:2}', explode('639px', $css)[0]);
        self::assertStringContainsString('{display:contents}', $phone);
    }

    public function test_a_column_that_is_not_on_this_width_stays_away(): void
    {
        $css = self::css(self::band(self::ORDER, [], ['widths' => ['desktop', 'tablet']]));

        self::assertStringContainsString(self::said('left').'{display:none}', $css);
    }

    public function test_between_blocks_is_what_is_between_those_of_the_first_column(): void
    {
        self::assertStringContainsString(
            'gap:var(--step-7)',
            self::css(self::band(self::ORDER, ['desktop' => ['gap' => 7]])),
        );
        $tablet = self::css(self::band(
            ['tablet' => ['sequence' => ['c', 'a', 'b']]],
            ['tablet' => ['gap' => 2], 'phone' => ['gap' => 5]],
        ));
        [$wide, $narrow] = explode('@media (max-width:639px)', $tablet);
        self::assertStringContainsString('gap:var(--step-2)', $wide);
        self::assertStringContainsString('gap:var(--step-5)', $narrow);
    }

    public function test_the_canvas_is_told_of_the_band_when_something_in_it_changed(): void
    {
        $before = self::page(self::band(self::ORDER));
        $after = $before->change('b', static fn (Node $block): Node => $block
            ->withValue(Question::What, 'desktop', 'text', 'Others'));
        $styles = new BlockStyles(Trees::schema(), new Pages);

        self::assertSame(['band'], array_keys($styles->changed($before, $after, static fn (): array => [])));
        $with = $after->withChild('right', null, new Node('d', 'note', ['text' => 'New']));
        $css = $styles->changed($after, $with, static fn (): array => [])['band'] ?? '';
        self::assertStringContainsString('[data-s-band][data-b] [data-s-d][data-b]', $css);
    }

    public function test_a_page_without_an_order_says_nothing_of_it(): void
    {
        self::assertSame('', self::css(self::band([])));
        foreach (Pages::page(self::page(self::band([])), Pages::ink())->page->walk() as $node) {
            self::assertNull($node->mark, $node->id);
        }
    }

    private static function css(Node $band): string
    {
        $page = Pages::page(self::page($band), Pages::ink());
        $css = $page->css;
        foreach ($page->page->walk() as $node) {
            $css = $node->mark === null ? $css : str_replace("[$node->mark]", "[$node->id]", $css);
        }

        return $css;
    }

    private static function said(string $id): string
    {
        return "[band][data-b] [$id][data-b]";
    }

    private static function page(Node $band): Node
    {
        return new Node('page', 'page', children: [$band]);
    }

    /**
     * @param  array<string, array<string, mixed>>  $how
     * @param  array<string, array<string, mixed>>  $left
     * @param  array<string, mixed>  $when  of the first column
     */
    private static function band(array $how, array $left = [], array $when = []): Node
    {
        $note = static fn (string $id): Node => new Node($id, 'note', ['text' => $id]);

        return new Node('band', 'band', how: $how, children: [
            new Node('left', 'column', how: $left, when: $when, children: [$note('a'), $note('b')]),
            new Node('right', 'column', children: [$note('c')]),
        ]);
    }
}
