<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\TreeFormats;

/** What earlier formats wrote is brought forward, in trees, blocks and edits, however deep it stands. */
final class TreeFormatsTest extends TestCase
{
    private const OLD = [
        'id' => 'c',
        'kind' => 'column',
        'children' => [[
            'id' => 'p',
            'kind' => 'product-cards',
            'what' => ['products' => [2], 'title' => 'Also nice'],
            'when' => ['product' => []],
        ]],
    ];

    public function test_picked_products_become_a_grid_of_chosen_products(): void
    {
        $node = TreeFormats::node(self::OLD, 2);
        self::assertSame(
            [
                'id' => 'p',
                'kind' => 'product-grid',
                'what' => ['feed' => 'chosen', 'titled' => true, 'products' => [2], 'title' => 'Also nice'],
                'when' => ['product' => []],
            ],
            $node['children'][0],
        );
        self::assertSame(
            ['feed' => 'chosen', 'titled' => true],
            TreeFormats::node(['id' => 'p', 'kind' => 'product-cards'], 2)['what'],
        );
        self::assertSame('product-grid', TreeFormats::node(self::OLD, 1)['children'][0]['kind']);
        self::assertSame(['where' => []], TreeFormats::node(self::OLD, 1)['children'][0]['when']);
        self::assertSame(
            self::OLD,
            TreeFormats::node(self::OLD, TreeFormats::CURRENT),
            'What is current is left alone.',
        );
        foreach (['x', 7, null] as $strange) {
            self::assertSame($strange, TreeFormats::node($strange, 1));
        }
    }

    public function test_so_do_blocks_that_edits_put_in(): void
    {
        foreach ([1, 2] as $format) {
            self::assertSame(
                'product-grid',
                TreeFormats::edit(['edit' => 'insert', 'node' => self::OLD], $format)['node']['children'][0]['kind'],
            );
        }
        self::assertSame(
            self::OLD,
            TreeFormats::edit(['edit' => 'insert', 'node' => self::OLD], TreeFormats::CURRENT)['node'],
        );
        self::assertSame(
            'where',
            TreeFormats::edit(['edit' => 'set', 'question' => 'when', 'setting' => 'product'], 1)['setting'],
        );
        self::assertSame(
            'product',
            TreeFormats::edit(['edit' => 'set', 'question' => 'when', 'setting' => 'product'], 2)['setting'],
        );
    }

    public function test_styles_go_to_the_piece_that_they_were_about(): void
    {
        $desktop = static fn (string $kind, array $how, array $what = []): array => TreeFormats::node(
            [
                'id' => 'c',
                'kind' => 'column',
                'children' => [['id' => 'b', 'kind' => $kind, 'what' => $what, 'how' => ['desktop' => $how]]],
            ],
            3,
        )['children'][0]['how']['desktop'];

        self::assertSame(
            ['now.size' => 40, 'now.colour' => 'sale', 'align' => 'center'],
            $desktop('price', ['size' => 40, 'colour' => 'sale', 'align' => 'center']),
        );
        self::assertSame(['size' => 40], $desktop('title', ['size' => 40]), 'What is about the whole keeps its name.');
        self::assertSame(
            ['marginAbove' => 'step-4', 'width' => '40%'],
            $desktop('text', ['spaceAbove' => 4, 'ownWidth' => '40%']),
        );
        self::assertSame(['marginAbove' => -36, 'layer' => 2], $desktop('badges', ['overlap' => 36, 'layer' => 2]));
        self::assertSame(
            ['padding' => 'step-3', 'lineColour' => 'line', 'line' => 1],
            $desktop('card', ['padding' => 3, 'line' => 'line']),
        );
        self::assertSame(['icon.width' => '40px'], $desktop('note', ['size' => 40]));
        self::assertSame(['button.ground' => 'sale'], $desktop('button', ['background' => 'sale']));
        self::assertSame(
            ['button.colour' => 'sale', 'button.lineColour' => 'sale'],
            $desktop('button', ['background' => 'sale'], ['look' => 'line']),
        );
        foreach (['x', 3, null] as $strange) {
            self::assertSame(
                ['id' => 'b', 'kind' => 'price', 'how' => ['desktop' => $strange]],
                TreeFormats::node(['id' => 'b', 'kind' => 'price', 'how' => ['desktop' => $strange]], 3),
            );
        }
    }

    public function test_so_do_edits_that_set_them(): void
    {
        $set = ['edit' => 'set', 'id' => 'b', 'question' => 'how', 'setting' => 'size', 'value' => 40];
        $price = static fn (string $id): ?string => $id === 'b' ? 'price' : null;

        self::assertSame('now.size', TreeFormats::edit($set, 3, $price)['setting']);
        self::assertSame(
            'size',
            TreeFormats::edit(['id' => 'a'] + $set, 3, $price)['setting'],
            'A block that is gone keeps its name.',
        );
        self::assertSame('size', TreeFormats::edit($set, 4, $price)['setting']);
        self::assertSame(
            ['marginAbove', 'step-2'],
            array_values(array_intersect_key(
                TreeFormats::edit(['setting' => 'spaceAbove', 'value' => 2] + $set, 3),
                ['setting' => 1, 'value' => 1],
            )),
        );
        self::assertNull(TreeFormats::edit(['setting' => 'overlap', 'value' => null] + $set, 3)['value']);
    }

    public function test_what_was_said_about_the_shop_unasked_is_written_down_and_new_blocks_say_none(): void
    {
        $claims = static fn (array $node, int $format): mixed =>
            TreeFormats::node(['id' => 'f', 'kind' => 'footer', 'children' => [$node]], $format)['children'][0]['what']
                ?? null;
        $marks = ['id' => 'm', 'kind' => 'marks'];
        self::assertSame(['marks' => ['card', 'bank', 'bill', 'lock']], $claims($marks, 4));
        self::assertSame(
            ['words' => false, 'marks' => ['card', 'bank', 'bill', 'lock']],
            $claims($marks + ['what' => ['words' => false]], 1),
        );
        self::assertSame(['marks' => ['van']], $claims($marks + ['what' => ['marks' => ['van']]], 4));
        self::assertNull($claims($marks, 5));
        $hours = $claims(
            ['id' => 'h', 'kind' => 'opening-hours', 'what' => ['monday' => '8–12', 'sunday' => '10–11']],
            4,
        );
        self::assertSame(['8–12', '9–18', '10–14', '10–11'], [
            $hours['monday'], $hours['friday'], $hours['saturday'], $hours['sunday'],
        ]);
        self::assertSame(
            ['marks' => ['card', 'bank', 'bill', 'lock']],
            TreeFormats::edit(['edit' => 'insert', 'node' => $marks], 4)['node']['what'] ?? null,
        );
        self::assertSame($marks, TreeFormats::edit(['edit' => 'insert', 'node' => $marks], 5)['node']);
        self::assertSame('x', $claims($marks + ['what' => 'x'], 4), 'What is malformed is left for the readers.');
    }

    public function test_which_formats_are_known(): void
    {
        self::assertSame(
            [false, true, true, true, true, true, false, false],
            array_map(TreeFormats::knows(...), [0, 1, 2, 3, 4, 5, 6, '3']),
        );
    }
}
