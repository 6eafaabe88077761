<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\HeadingLevels;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;

/** Headings on cards follow from where the card stands; none is skipped (WCAG 2.2, technique G141). */
final class HeadingLevelsTest extends TestCase
{
    private static function heading(string $level): Node
    {
        return new Node("h$level", 'heading', ['text' => 'Words', 'level' => $level]);
    }

    /** @param  array<string, mixed>  $what */
    private static function grid(array $what = []): Node
    {
        return new Node('grid', 'product-grid', $what + ['feed' => 'chosen', 'products' => [1, 2]]);
    }

    private static function page(Node ...$blocks): ComposedNode
    {
        $page = new Node('page', 'page', children: [
            new Node('band', 'band', children: [new Node('column', 'column', children: array_values($blocks))]),
        ]);

        return Kinds::composer()->compose($page, Pages::context(Pages::bare()))->page;
    }

    /** @return list<string> of every card's title */
    private static function levels(ComposedNode $page): array
    {
        return array_map(
            static fn (ComposedNode $card): string => $card->children[0]->data['level'],
            $page->find('grid')->cards ?? [],
        );
    }

    /** @return iterable<string, array{list<Node>, string}> */
    public static function places(): iterable
    {
        yield 'nothing before' => [[self::grid()], 'h1'];
        yield 'under the page’s title' => [[self::heading('h1'), self::grid()], 'h2'];
        yield 'a list with a heading of its own' =>
            [[self::heading('h1'), self::grid(['titled' => true, 'title' => 'New'])], 'h3'];
        yield 'a list that leaves its heading out' =>
            [[self::heading('h1'), self::grid(['titled' => false, 'title' => 'New'])], 'h2'];
        yield 'under a section' => [[self::heading('h1'), self::heading('h2'), self::grid()], 'h3'];
        yield 'under a small heading' => [[self::heading('h3'), self::grid()], 'h4'];
        yield 'what is switched off counts for nothing' => [[
            self::heading('h1'),
            new Node('off', 'heading', ['text' => 'Words', 'level' => 'h3'], when: ['off' => true]),
            self::grid(),
        ], 'h2'];
        yield 'nor what stands in something that is switched off' => [[
            self::heading('h1'),
            new Node('off', 'holder', when: ['off' => true], children: [self::heading('h3')]),
            self::grid(),
        ], 'h2'];
        yield 'what comes after does not count' => [[self::heading('h1'), self::grid(), self::heading('h3')], 'h2'];
    }

    /** @param  list<Node>  $blocks */
    #[DataProvider('places')]
    public function test_a_card_stands_one_level_beneath_what_it_stands_under(array $blocks, string $level): void
    {
        self::assertSame([$level, $level], self::levels(self::page(...$blocks)));
    }

    public function test_it_looks_as_it_was_chosen_whatever_its_level(): void
    {
        $title = self::page(self::heading('h1'), self::grid())->find('grid')?->cards[0]->children[0];

        self::assertSame(['h2', 'h3'], [$title?->data['level'], $title?->data['size']]);
    }

    public function test_a_band_knows_whether_a_heading_in_it_is_its_own_and_not_that_of_a_section_in_it(): void
    {
        $band = static fn (Node $block): ?ComposedNode => self::page($block)->find('band');
        $blocks = [
            self::heading('h2'), new Node('t', 'text', ['text' => 'Words']), self::grid(),
            self::grid(['products' => [99]]), self::questions(), self::grid(['titled' => true, 'title' => 'New']),
        ];

        self::assertSame(
            [true, false, true, false, false, false],
            array_map(static fn (Node $block): mixed => $band($block)?->data[HeadingLevels::HEADED], $blocks),
        );
    }

    private static function questions(): Node
    {
        $answer = new Node('w', 'text', ['text' => 'Words']);

        return new Node('q', 'questions', ['title' => 'Asked'], children: [
            new Node('f', 'fold', ['title' => 'A'], children: [$answer]),
        ]);
    }
}
