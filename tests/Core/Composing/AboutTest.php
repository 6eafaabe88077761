<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Fitting\Finding;
use Vestibra\Core\Fitting\Fitter;
use Vestibra\Core\Fitting\Unreplaced;
use Vestibra\Core\Pages\Kinds\ProductKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;
use Vestibra\Tests\Core\Blocks\Pages;

/** A holder about another product than the page's; PlainShop shows product 8, called Bare, and no other. */
final class AboutTest extends TestCase
{
    public function test_blocks_in_it_are_about_the_chosen_product_and_those_beside_it_are_not(): void
    {
        $holder = Pages::block(self::holder(8, new Node('t', 'title')), Pages::ink());
        self::assertSame('Bare', $holder->children[0]->data['text'] ?? null);
        self::assertSame(
            'Teal Tide <b>ink</b>',
            Pages::block(self::holder(null, new Node('t', 'title')), Pages::ink())->children[0]->data['text'] ?? null,
        );
    }

    public function test_one_that_customers_cannot_see_is_left_out_and_says_so(): void
    {
        $holder = Pages::block(self::holder(9, new Node('t', 'title')), Pages::ink());
        self::assertSame(
            ['the product that it shows cannot be seen in the shop', []],
            [$holder->absent, $holder->children],
        );
    }

    public function test_when_the_holder_appears_is_asked_of_the_page(): void
    {
        $off = new Node('h', 'holder', ['subject' => 8], [], ['off' => true], [new Node('t', 'title')]);
        self::assertSame('switched off', Pages::block($off, Pages::ink())->absent);
    }

    public function test_what_a_product_has_elsewhere_is_not_put_into_a_holder_about_another(): void
    {
        $own = new Node('o', 'own-blocks', ['fact' => 9]);
        $filling = new PlacedParts(Kinds::composer()->schema, [], [
            9 => new Node('root', 'stage', children: [new Node('w', 'text')]),
        ]);
        $holder = self::holder(8, $own);
        self::assertSame($holder, $filling->fill(new Node('root', 'stage', children: [$holder]))->children[0]);
        self::assertSame('o-w', $filling->fillInside($holder)->children[0]->children[0]->id ?? null);
    }

    public function test_fitting_counts_neither_its_title_nor_what_it_lacks_as_the_page_s(): void
    {
        $said = static function (Node ...$blocks): array {
            $tree = new Node(
                'page',
                'page',
                children: [
                    new Node('band', 'band', children: [new Node('column', 'column', children: array_values($blocks))]),
                ],
            );
            $findings = (new Fitter(Kinds::composer()->schema))
                ->check($tree, Pages::page($tree, Pages::ink()), Pages::context(Pages::ink()), new ProductKind);

            return array_map(static fn (Finding $finding): string => $finding->about, $findings);
        };
        self::assertNotContains(
            'The page has more than one title',
            $said(new Node('t', 'title'), self::holder(8, new Node('u', 'title'))),
        );
        self::assertContains(
            'The page has more than one title',
            $said(new Node('t', 'title'), self::holder(null, new Node('u', 'title'))),
        );
        self::assertContains('The page has no title', $said(self::holder(8, new Node('u', 'title'))));
        $brandless = new Node('b', 'text', ['text' => ['source' => 'product.collection', 'otherwise' => 'none']]);
        self::assertNotContains(
            'Text shows its otherwise, for want of the first collection',
            $said(self::holder(8, $brandless)),
        );
        self::assertContains('Text shows its otherwise, for want of the first collection', $said($brandless));
    }

    public function test_words_that_a_block_came_with_are_found_until_they_are_written_anew(): void
    {
        $tree = new Node(
            'page',
            'page',
            children: [
                new Node('a', 'heading'),
                new Node('b', 'heading', ['text' => 'Ours']),
                new Node('c', 'button'),
                new Node('d', 'heading', ['text' => ['source' => 'product.title']]),
                new Node('e', 'quote'),
                new Node('f', 'heading', ['text' => '']),
                new Node('g', 'heading', ['text' => 'A heading']),
            ],
        );
        self::assertSame(
            ['a', 'e', 'g'],
            array_map(
                static fn (Node $node): string => $node->id,
                Unreplaced::in($tree, Kinds::composer()->schema, Pages::messages()),
            ),
        );
    }

    private static function holder(?int $subject, Node $child): Node
    {
        return new Node('h', 'holder', $subject === null ? [] : ['subject' => $subject], children: [$child]);
    }
}
