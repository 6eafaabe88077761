<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use DateTimeImmutable;
use LogicException;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;
use Vestibra\Tests\Core\Blocks\PlainShop;
use Vestibra\Tests\Core\Reach\World;

final class ComposerTest extends TestCase
{
    public function test_styles_become_css_by_width(): void
    {
        $css = Pages::compose(
            new Node(
                'b',
                'price',
                how: ['phone' => ['now.size' => 20], 'desktop' => ['now.size' => 40, 'now.colour' => 'sale']],
            ),
            Pages::ink(),
        )->css;

        self::assertSame(
            '[data-s1][data-b] .price-now{font-size:40px;color:var(--colour-sale)}@media '
                .'(max-width:639px){[data-s1][data-b] .price-now{font-size:20px}}',
            $css,
        );
    }

    public function test_a_block_is_hidden_on_the_widths_it_is_not_for(): void
    {
        $css = Pages::compose(new Node('b', 'price', when: ['widths' => ['desktop', 'tablet']]), Pages::ink())->css;

        self::assertSame('@media (max-width:639px){[data-s1][data-b]{display:none}}', $css);
    }

    public function test_a_switched_off_block_leaves_no_css(): void
    {
        self::assertSame(
            '',
            Pages::compose(
                new Node('b', 'price', how: ['desktop' => ['size' => 40]], when: ['off' => true]),
                Pages::ink(),
            )->css,
        );
    }

    public function test_one_bad_block_never_takes_the_page_down(): void
    {
        $broken = new class implements BlockKind
        {
            public function definition(): Definition
            {
                return new Definition('broken', 'Broken', null);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                throw new RuntimeException('Broken on purpose.');
            }
        };
        $fine = new class implements BlockKind
        {
            public function definition(): Definition
            {
                return new Definition('fine', 'Fine', null);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                return Composed::shown(['children' => count($children)]);
            }
        };
        $page = (new Composer($broken, $fine))->compose(
            new Node(
                'p',
                'fine',
                children: [new Node('x', 'broken'), new Node('y', 'fine'), new Node('z', 'vanished')],
            ),
            self::context(),
        );

        self::assertNull($page->page->absent);
        self::assertSame(3, $page->page->data['children']);
        self::assertNotNull($page->page->find('x')?->absent);
        self::assertNull($page->page->find('y')?->absent);
        self::assertNotNull($page->page->find('z')?->absent);
        self::assertSame(
            [['x', 'broken']],
            array_map(static fn ($failure): array => [$failure->blockId, $failure->kind], $page->failures),
        );
    }

    public function test_two_kinds_of_one_name_throw(): void
    {
        $this->expectException(LogicException::class);
        new Composer(new \Vestibra\Blocks\Title\TitleBlock, new \Vestibra\Blocks\Title\TitleBlock);
    }

    public function test_the_composed_page_is_plain_data(): void
    {
        $page = Pages::compose(new Node('b', 'rating'), Pages::bare())->page->toArray();

        self::assertEquals($page, json_decode((string) json_encode($page), true));
        self::assertSame('page', $page['kind']);
    }

    private static function context(): Context
    {
        return new Context(
            Pages::bare(),
            (new VariantMatrix(Pages::bare()))->choose([]),
            World::tree(),
            new Pages,
            new MoneyFormat('GBP', 'en_GB'),
            new DateTimeImmutable('2026-11-24'),
            new PlainShop,
            Pages::messages(),
        );
    }
}
