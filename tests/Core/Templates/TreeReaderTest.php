<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\Copying;
use Vestibra\Core\Templates\Node;

final class TreeReaderTest extends TestCase
{
    /** @return iterable<string, array{mixed, string, string}> */
    public static function malformed(): iterable
    {
        $page = static fn (mixed ...$parts): array =>
            ['format' => 1, 'page' => ['id' => 'p', 'kind' => 'page'] + $parts];
        $block = static fn (array $block): array =>
            $page(children: [['kind' => 'band', 'children' => [['kind' => 'column', 'children' => [$block]]]]]);
        $at = 'page/children/0/children/0/children/0';
        yield 'words' => ['hello', 'tree.not-an-object', ''];
        yield 'nothing' => [null, 'tree.not-an-object', ''];
        yield 'no format' => [['page' => []], 'tree.unknown-format', 'format'];
        yield 'a later format' => [['format' => 9, 'page' => []], 'tree.unknown-format', 'format'];
        yield 'no page' => [['format' => 1], 'tree.not-an-object', 'page'];
        yield 'not a page' => [['format' => 1, 'page' => ['kind' => 'title']], 'tree.not-a-page', 'page'];
        yield 'an unknown kind' => [$block(['kind' => 'fireworks']), 'tree.unknown-kind', $at];
        yield 'a kind that is no text' => [$block(['kind' => 7]), 'tree.unknown-kind', $at];
        yield 'a band in a column' => [$block(['kind' => 'band']), 'tree.does-not-belong', $at];
        yield 'children in a title' => [
            $block(['kind' => 'title', 'children' => [['kind' => 'price']]]),
            'tree.does-not-belong',
            "$at/children/0",
        ];
        yield 'children that are no list' => [$page(children: ['a' => 1]), 'tree.not-a-list', 'page/children'];
        yield 'an unknown part' => [$block(['kind' => 'title', 'style' => 'red']), 'tree.unknown-part', $at];
        yield 'an unknown setting' =>
            [$block(['kind' => 'title', 'what' => ['smell' => 1]]), 'tree.unknown-setting', "$at/what"];
        yield 'a setting of another question' =>
            [$block(['kind' => 'price', 'what' => ['size' => 20]]), 'tree.unknown-setting', "$at/what"];
        yield 'an unknown width' =>
            [$block(['kind' => 'title', 'how' => ['watch' => []]]), 'tree.unknown-width', "$at/how"];
        yield 'settings that are no map' =>
            [$block(['kind' => 'title', 'what' => 'big']), 'tree.not-an-object', "$at/what"];
        yield 'an id with odd characters' => [$block(['kind' => 'title', 'id' => '"><script>']), 'tree.bad-id', $at];
        yield 'an id with a line end' => [$block(['kind' => 'title', 'id' => "abc\n"]), 'tree.bad-id', $at];
        yield 'an id twice' => [$block(['kind' => 'title', 'id' => 'p']), 'tree.id-twice', $at];
        yield 'a colour that is CSS' => [
            $block(['kind' => 'title', 'how' => ['desktop' => ['colour' => 'red;}body{display:none']]]),
            'setting.not-a-colour',
            "$at/how/desktop",
        ];
        yield 'a colour with a line end' => [
            $block(['kind' => 'title', 'how' => ['desktop' => ['colour' => "#aabbcc\n"]]]),
            'setting.not-a-colour',
            "$at/how/desktop",
        ];
        yield 'a number in words' => [
            $block(['kind' => 'title', 'how' => ['desktop' => ['size' => '20']]]),
            'setting.not-a-measure',
            "$at/how/desktop",
        ];
        yield 'a number too small' => [
            $block(['kind' => 'title', 'how' => ['desktop' => ['size' => 7]]]),
            'setting.number-outside',
            "$at/how/desktop",
        ];
        yield 'a step too far' => [
            $block(['kind' => 'title', 'how' => ['desktop' => ['spaceAbove' => 9]]]),
            'setting.not-a-measure',
            "$at/how/desktop",
        ];
        yield 'a choice not offered' =>
            [$block(['kind' => 'title', 'what' => ['level' => 'h9']]), 'setting.not-a-choice', "$at/what"];
        yield 'yes in words' =>
            [$block(['kind' => 'buy', 'what' => ['quantity' => 'yes']]), 'setting.not-yes-or-no', "$at/what"];
        yield 'words too long' => [
            $block(['kind' => 'heading', 'what' => ['text' => str_repeat('é', 201)]]),
            'setting.text-too-long',
            "$at/what",
        ];
        yield 'words that are no Unicode' =>
            [$block(['kind' => 'heading', 'what' => ['text' => "\xff"]]), 'setting.not-text', "$at/what"];
        yield 'words that are a list' =>
            [$block(['kind' => 'buy', 'what' => ['label' => ['a']]]), 'setting.not-text', "$at/what"];
        yield 'no widths at all' =>
            [$block(['kind' => 'title', 'when' => ['widths' => []]]), 'setting.no-widths', "$at/when"];
        yield 'an unknown width to appear on' =>
            [$block(['kind' => 'title', 'when' => ['widths' => ['watch']]]), 'setting.no-widths', "$at/when"];
        yield 'an unknown source' => [
            $block(['kind' => 'heading', 'what' => ['text' => ['source' => 'product.secret']]]),
            'setting.unknown-source',
            "$at/what",
        ];
        yield 'a picture as the source of words' => [
            $block(['kind' => 'heading', 'what' => ['text' => ['source' => 'product.picture']]]),
            'setting.unknown-source',
            "$at/what",
        ];
        yield 'words as the source of a picture' => [
            $block(['kind' => 'picture', 'what' => ['picture' => ['source' => 'product.title']]]),
            'setting.unknown-source',
            "$at/what",
        ];
        yield 'a source with more to it' => [
            $block(['kind' => 'heading', 'what' => ['text' => ['source' => 'product.title', 'run' => 1]]]),
            'setting.unknown-source',
            "$at/what",
        ];
        yield 'an otherwise that is too long' => [
            $block([
                'kind' => 'heading',
                'what' => ['text' => ['source' => 'product.title', 'otherwise' => str_repeat('a', 201)]],
            ]),
            'setting.text-too-long',
            "$at/what",
        ];
        yield 'a picture without a number' =>
            [$block(['kind' => 'picture', 'what' => ['picture' => 0]]), 'setting.not-a-picture', "$at/what"];
    }

    #[DataProvider('malformed')]
    public function test_what_is_malformed_is_reported_by_path(mixed $input, string $code, string $path): void
    {
        $problems = Trees::reader()->parseTree($input);

        self::assertIsArray($problems);
        self::assertSame([$code, $path], [$problems[0]->code->value, $problems[0]->path]);
    }

    public function test_twelve_deep_is_read_and_thirteen_is_not(): void
    {
        self::assertInstanceOf(Node::class, Trees::reader()->parseTree(self::nested(8)));
        $problems = Trees::reader()->parseTree(self::nested(9));
        self::assertIsArray($problems);
        self::assertSame('tree.too-deep', $problems[0]->code->value);
    }

    public function test_two_thousand_nodes_are_read_and_one_more_is_not(): void
    {
        self::assertInstanceOf(Node::class, Trees::reader()->parseTree(self::wide(1997)));
        $problems = Trees::reader()->parseTree(self::wide(1998));
        self::assertIsArray($problems);
        self::assertSame('tree.too-many', $problems[0]->code->value);
    }

    public function test_settings_stand_in_the_order_of_their_names_whatever_order_they_come_in(): void
    {
        $node = Trees::reader()->parseBlock([
            'kind' => 'heading', 'what' => ['text' => 'Ink', 'level' => 'h2'], 'how' => [],
        ]);

        self::assertInstanceOf(Node::class, $node);
        self::assertSame(['level' => 'h2', 'text' => 'Ink'], $node->what);
    }

    public function test_of_a_setting_that_nobody_knows_sixty_letters_are_said(): void
    {
        $problems = Trees::reader()->parseBlock(['kind' => 'heading', 'what' => [str_repeat('é', 70) => 1]]);

        self::assertIsArray($problems);
        self::assertSame(
            ['tree.unknown-setting', str_repeat('é', 60)],
            [$problems[0]->code->value, $problems[0]->values['setting']],
        );
    }

    public function test_a_flood_of_problems_is_cut_off(): void
    {
        $problems = Trees::reader()->parseTree(
            ['format' => 1, 'page' => ['kind' => 'page', 'children' => array_fill(0, 1000, ['kind' => 'bad'])]],
        );

        self::assertIsArray($problems);
        self::assertCount(50, $problems);
    }

    public function test_missing_ids_are_made_for_a_block(): void
    {
        $node = Trees::reader()->parseBlock(['kind' => 'holder', 'children' => [['kind' => 'text']]]);

        self::assertInstanceOf(Node::class, $node);
        self::assertSame(['new1', 'new2'], [$node->id, $node->children[0]->id]);
    }

    public function test_a_copy_has_new_ids_and_the_same_values(): void
    {
        $tree = Trees::draft()->tree;
        $copy = (new Copying(new Trees))->copy($tree);
        $ids = static fn (Node $node): array =>
            array_map(static fn (Node $one): string => $one->id, iterator_to_array($node->walk(), false));

        self::assertSame([], array_intersect($ids($tree), $ids($copy)));
        self::assertCount(10, array_unique($ids($copy)));
        self::assertSame($tree->find('price')?->how, iterator_to_array($copy->walk(), false)[6]->how);
    }

    /** @return array<string, mixed> */
    private static function nested(int $holders): array
    {
        $block = ['kind' => 'text'];
        for ($level = 0; $level < $holders; $level++) {
            $block = ['kind' => 'holder', 'children' => [$block]];
        }

        return [
            'format' => 1,
            'page' => [
                'kind' => 'page',
                'children' => [['kind' => 'band', 'children' => [['kind' => 'column', 'children' => [$block]]]]],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function wide(int $blocks): array
    {
        return [
            'format' => 1,
            'page' => [
                'kind' => 'page',
                'children' => [[
                    'kind' => 'band',
                    'children' => [['kind' => 'column', 'children' => array_fill(0, $blocks, ['kind' => 'spacer'])]],
                ]],
            ],
        ];
    }
}
