<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeProblem;

final class InTemplateTest extends TestCase
{
    public function test_what_may_stand_in_a_template_a_part_and_own_blocks(): void
    {
        $text = new Node('t', 'text');
        $part = new Node('s', 'shared', ['part' => 3]);
        $own = new Node('o', 'own-blocks', ['fact' => 2]);

        self::assertNull(self::in(TemplateRole::Page, new Node('p', 'page', children: [$part, $own])));
        self::assertSame(
            TreeProblem::NotAPage,
            self::in(TemplateRole::Page, new Node('p', 'stage', children: [$text])),
        );
        self::assertNull(self::in(TemplateRole::Part, new Node('p', 'stage', children: [$text, $own])));
        self::assertSame(
            TreeProblem::PartInPart,
            self::in(TemplateRole::Part, new Node('p', 'stage', children: [$part])),
        );
        self::assertNull(self::in(TemplateRole::OwnBlocks, new Node('p', 'stage', children: [$text])));
        self::assertSame(
            TreeProblem::PartInPart,
            self::in(TemplateRole::OwnBlocks, new Node('p', 'stage', children: [$part])),
        );
        self::assertSame(
            TreeProblem::OwnBlocksInOwn,
            self::in(TemplateRole::OwnBlocks, new Node('p', 'stage', children: [$own])),
        );
        self::assertSame(
            TreeProblem::PartWithReach,
            self::in(TemplateRole::Part, new Node('p', 'stage', children: [$text]), new Reach([Clause::of()])),
        );
        self::assertNull(self::in(TemplateRole::Page, new Node('p', 'page'), new Reach([Clause::of()])));
    }

    public function test_what_may_stand_above_and_below_every_page(): void
    {
        $in = static fn (string $root, PageKind $kind, Node ...$blocks): mixed => self::in(
            TemplateRole::Page,
            new Node(
                'r',
                $root,
                children: [new Node('b', 'band', children: [new Node('c', 'column', children: array_values($blocks))])],
            ),
            kind: $kind,
        );

        foreach ([
            'logo', 'navigation', 'search-field', 'cart-link', 'countdown', 'notice-strip', 'links', 'opening-hours',
            'newsletter', 'marks', 'small-print', 'text', 'shared', 'beneath', 'breadcrumbs',
        ] as $kind) {
            self::assertNull($in('header', PageKind::Header, new Node('x', $kind)), $kind);
            self::assertNull($in('footer', PageKind::Footer, new Node('x', $kind)), $kind);
            self::assertNull($in('page', PageKind::Home, new Node('x', $kind)), $kind);
        }
        foreach (['price', 'title', 'gallery', 'page-title', 'product-grid', 'filters', 'paging', 'reviews'] as $kind) {
            self::assertSame(TreeProblem::NotAround, $in('header', PageKind::Header, new Node('x', $kind)), $kind);
        }
        self::assertSame(TreeProblem::NotAPage, $in('header', PageKind::Footer));
        self::assertSame(TreeProblem::NotAPage, $in('page', PageKind::Header));
        self::assertSame(TreeProblem::NotAPage, $in('header', PageKind::Product));
    }

    private static function in(
        TemplateRole $role,
        Node $tree,
        Reach $reach = new Reach,
        PageKind $kind = PageKind::Product,
    ): mixed {
        return InTemplate::problem($role, $kind, new Draft($tree, $reach), Kinds::composer()->schema)?->code;
    }
}
