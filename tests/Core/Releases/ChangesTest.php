<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Releases;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\FallbackChange;
use Vestibra\Core\Releases\HandOrderChange;
use Vestibra\Core\Releases\HouseStyleChange;
use Vestibra\Core\Releases\MessagesChange;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\PageOutcome;
use Vestibra\Core\Releases\PinsChange;
use Vestibra\Core\Releases\ReleaseChange;
use Vestibra\Core\Releases\StoredReaches;
use Vestibra\Core\Releases\TemplateChange;
use Vestibra\Core\Templates\TemplateRole;

final class ChangesTest extends TestCase
{
    private const LIVE = [
        'tree' => ['page' => []], 'reach' => ['show' => [[], [['field' => 'sale']]]], 'revision' => 3,
    ];

    /** @return iterable<string, array{ReleaseChange, list<string>}> with what it touches */
    public static function changes(): iterable
    {
        $other = ['revision' => 4, 'tree' => ['page' => ['children' => []]]] + self::LIVE;
        $style = static fn (int $number, array $tokens): array =>
            ['style' => $number, 'name' => "Style $number", 'tokens' => $tokens];
        yield 'a template live' => [new TemplateChange(3, 'Inks', null, self::LIVE, 'product'), ['template 3']];
        yield 'a template off' => [new TemplateChange(3, 'Inks', self::LIVE, null, 'category'), ['template 3']];
        yield 'a template changed' => [new TemplateChange(3, 'Inks', self::LIVE, $other, 'product'), ['template 3']];
        yield 'a card' => [
            new TemplateChange(4, 'Card', self::LIVE, $other, 'card', TemplateRole::Card), ['template 4'],
        ];
        yield 'a part' => [new TemplateChange(5, 'Part', self::LIVE, $other, '', TemplateRole::Part), ['template 5']];
        yield 'own blocks' => [
            new TemplateChange(6, 'Own', null, $other, '', TemplateRole::OwnBlocks), ['template 6'],
        ];
        yield 'a fallback' => [new FallbackChange('product', 1, 2), ['fallback product']];
        yield 'hand order' => [new HandOrderChange('brand', [1, 2], [2, 1]), ['hand order brand']];
        yield 'pins' => [
            new PinsChange(['product/7' => null, 'category/2' => 3], ['product/7' => 3, 'category/2' => null]),
            ['pin product/7', 'pin category/2'],
        ];
        yield 'messages' => [
            new MessagesChange(['buy.add' => null, 'cart.empty' => 'A'], ['buy.add' => 'Take', 'cart.empty' => null]),
            ['message buy.add', 'message cart.empty'],
        ];
        yield 'a house style' => [
            new HouseStyleChange($style(1, []), $style(1, ['colour.ground' => '#fff'])), ['house style'],
        ];
    }

    /** @param  list<string>  $touches */
    #[DataProvider('changes')]
    public function test_it_is_stored_and_read_taken_back_and_says_what_it_touches(
        ReleaseChange $change,
        array $touches,
    ): void {
        $stored = (array) json_decode((string) json_encode(Changes::of($change)->toArray()), true);

        self::assertEquals([$change], Changes::stored($stored)->list);
        self::assertEquals($change, $change->inverse()->inverse());
        self::assertNotEquals($change, $change->inverse());
        self::assertEquals($change->toArray()['after'], $change->inverse()->toArray()['before']);
        self::assertSame($touches, $change->touches());
        self::assertSame($touches, $change->inverse()->touches());
        self::assertFalse($change->isNothing());
    }

    public function test_nothing_is_a_set_in_which_everything_is_so_already(): void
    {
        $same = [
            new TemplateChange(3, 'Inks', self::LIVE, self::LIVE, 'product'),
            new FallbackChange('product', 2, 2),
            new HandOrderChange('product', [1, 2], [1, 2]),
            new PinsChange(['product/7' => 3], ['product/7' => 3]),
            new MessagesChange(['buy.add' => 'A'], ['buy.add' => 'A']),
            new HouseStyleChange(
                ['style' => 1, 'name' => 'A', 'tokens' => []],
                ['style' => 1, 'name' => 'A', 'tokens' => []],
            ),
        ];
        foreach ($same as $one) {
            self::assertTrue($one->isNothing());
        }

        self::assertTrue(Changes::of()->isNothing());
        self::assertTrue(Changes::of(...$same)->isNothing());
        self::assertFalse(Changes::of(...$same, ...[new FallbackChange('product', 2, 3)])->isNothing());
    }

    public function test_a_set_is_taken_back_from_its_end(): void
    {
        $changes = Changes::of(new FallbackChange('product', 1, 2))->with(new FallbackChange('product', 2, 3));

        self::assertEquals(
            [new FallbackChange('product', 3, 2), new FallbackChange('product', 2, 1)],
            $changes->inverse()->list,
        );
        self::assertSame(['fallback product', 'fallback product'], $changes->touches());
    }

    public function test_the_shop_as_it_would_be_has_all_of_them_the_later_over_the_earlier(): void
    {
        $reaches = new class implements StoredReaches
        {
            public function reach(mixed $reach, PageKind $kind): Reach
            {
                TestCase::assertSame(['show' => [[], [['field' => 'sale']]]], $reach);
                TestCase::assertSame(PageKind::Category, $kind);

                return new Reach([], [], Season::always());
            }
        };
        $supposed = Changes::of(
            new TemplateChange(3, 'A', null, self::LIVE, 'category'),
            new TemplateChange(4, 'B', self::LIVE, null, 'product'),
            new TemplateChange(5, 'Part', self::LIVE, null, '', TemplateRole::Part),
            new TemplateChange(6, 'Later', self::LIVE, null, 'a kind of tomorrow'),
            new FallbackChange('product', 1, 2),
            new FallbackChange('product', 2, 9),
            new FallbackChange('card', 1, 2),
            new HandOrderChange('product', [1, 2], [2, 1]),
            new PinsChange([], ['product/7' => 3]),
            new MessagesChange([], ['buy.add' => 'A']),
        )->supposed($reaches);

        self::assertEquals(
            new WhatIf(
                [3 => new Reach([], [], Season::always())],
                [4],
                ['product' => 9],
                ['product' => [2, 1]],
                ['product/7' => 3],
            ),
            $supposed,
        );
    }

    public function test_releases_of_the_first_formats_are_read(): void
    {
        $old = ['change' => 'template', 'template' => 3, 'name' => 'A', 'before' => null, 'after' => self::LIVE];
        foreach ([
            [[], 'product', TemplateRole::Page],
            [['pageKind' => 'category'], 'category', TemplateRole::Page],
            [['pageKind' => 'part'], '', TemplateRole::Part],
            [['pageKind' => 'content'], '', TemplateRole::OwnBlocks],
            [['role' => 'card'], 'card', TemplateRole::Card],
        ] as [$more, $kind, $role]) {
            self::assertEquals(
                [new TemplateChange(3, 'A', null, self::LIVE, $kind, $role)],
                Changes::stored([$more + $old])->list,
            );
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function unreadable(): iterable
    {
        yield 'of no kind' => [[]];
        yield 'of an unknown kind' => [['change' => 'weather']];
        yield 'a fallback without a template' => [['change' => 'fallback', 'pageKind' => 'product', 'before' => 1]];
        yield 'an order of words' => [
            ['change' => 'hand-order', 'pageKind' => 'product', 'before' => [], 'after' => ['x']],
        ];
        yield 'a pin to a word' => [['change' => 'pins', 'before' => [], 'after' => ['product/7' => 'x']]];
        yield 'a message that is a number' => [['change' => 'messages', 'before' => [], 'after' => ['a' => 1]]];
        yield 'a template without a tree' => [
            ['change' => 'template', 'template' => 3, 'name' => 'A', 'before' => null, 'after' => ['revision' => 1]],
        ];
        yield 'a style that is none' => [['change' => 'house-style', 'before' => 1, 'after' => 2]];
        yield 'a name that is none' => [
            ['change' => 'template', 'template' => 3, 'name' => 5, 'before' => null, 'after' => null],
        ];
    }

    /** @param  array<string, mixed>  $stored */
    #[DataProvider('unreadable')]
    public function test_what_no_version_wrote_is_not_guessed(array $stored): void
    {
        $this->expectException(LogicException::class);
        Changes::stored([$stored]);
    }

    public function test_a_wished_order_keeps_to_the_templates_that_there_are(): void
    {
        $wish = new HandOrderChange('product', [], [3, 9, 1]);

        self::assertEquals(new HandOrderChange('product', [1, 2, 3], [3, 1, 2]), $wish->from([1, 2, 3]));
        self::assertFalse($wish->isTwice());
        self::assertTrue((new HandOrderChange('product', [], [3, 1, 3]))->isTwice());
    }

    public function test_wished_words_know_what_stood_there(): void
    {
        $wish = new MessagesChange([], ['a' => 'new', 'b' => null]);

        self::assertSame(['a' => 'old', 'b' => null], $wish->from(['a' => 'old', 'c' => 'else'])->before);
        self::assertSame(['a', 'b'], $wish->keys());
    }

    public function test_pins_say_which_pages_and_how_many(): void
    {
        $pins = new PinsChange([], ['product/7' => 3, 'category/2' => null, 'tomorrow/1' => 3]);

        self::assertSame([PageKind::Product, PageKind::Category], $pins->kinds());
        self::assertSame(2, $pins->pinned());
        self::assertSame(['product', 7], PinsChange::page('product/7'));
        self::assertSame(['odd', 0], PinsChange::page('odd'));
    }

    public function test_the_rule_that_takes_every_page_is_let_go_of_and_nothing_else(): void
    {
        $change = (new TemplateChange(3, 'A', self::LIVE, self::LIVE, 'product'))->withoutEvery();

        self::assertSame(['show' => [[['field' => 'sale']]]], $change->after['reach'] ?? null);
        self::assertSame(3, $change->after['revision'] ?? null);
        self::assertSame(self::LIVE, $change->before);
        self::assertNull((new TemplateChange(3, 'A', null, self::LIVE, 'product'))->withoutEvery()->after);
        self::assertSame(['show' => []], TemplateChange::lessEvery([]));
    }

    public function test_a_new_look_is_another_tree_where_one_was_and_is_live(): void
    {
        $other = ['tree' => ['page' => ['x' => 1]]] + self::LIVE;
        $look = static fn (?array $before, ?array $after): array => [
            ($change = new TemplateChange(3, 'A', $before, $after, 'product'))->isNewLook(), $change->isOtherTree(),
        ];

        self::assertSame([true, true], $look(self::LIVE, $other));
        self::assertSame([false, false], $look(self::LIVE, ['revision' => 9] + self::LIVE));
        self::assertSame([false, true], $look(null, self::LIVE));
        self::assertSame([false, true], $look(self::LIVE, null));
    }

    public function test_only_templates_of_pages_that_are_known_lay_out_pages(): void
    {
        $page = new TemplateChange(3, 'A', null, self::LIVE, 'product');
        $changes = Changes::of(
            $page,
            new TemplateChange(4, 'Card', null, self::LIVE, 'card', TemplateRole::Card),
            new TemplateChange(5, 'Later', null, self::LIVE, 'a kind of tomorrow'),
            new FallbackChange('product', 1, 2),
        );

        self::assertSame([$page], $changes->templates());
    }

    public function test_a_page_moves_or_looks_new_or_stays(): void
    {
        foreach ([
            [1, 2, false, PageOutcome::Moves], [1, 2, true, PageOutcome::Moves], [null, 2, true, PageOutcome::Moves],
            [1, 1, true, PageOutcome::NewLook], [1, 1, false, PageOutcome::Stays],
            [null, null, false, PageOutcome::Stays],
        ] as [$before, $after, $different, $outcome]) {
            self::assertSame($outcome, PageOutcome::of($before, $after, $different));
        }
    }

    public function test_looks_are_those_of_templates_and_of_single_products(): void
    {
        $looks = (new NewLooks([1], [7 => [4]]))->with(new NewLooks([1, 2], [7 => [5], 8 => [4]]));

        self::assertEquals(new NewLooks([1, 2], [7 => [4, 5], 8 => [4]]), $looks);
        self::assertEquals(new NewLooks([3, 1]), (new NewLooks([3]))->with(new NewLooks([1])));
        self::assertTrue($looks->holds(PageKind::Product, 99, 1));
        self::assertTrue($looks->holds(PageKind::Category, 99, 2));
        self::assertTrue($looks->holds(PageKind::Product, 7, 5));
        self::assertFalse($looks->holds(PageKind::Product, 8, 5));
        self::assertFalse($looks->holds(PageKind::Category, 7, 5));
        self::assertFalse($looks->holds(PageKind::Product, 9, null));
    }

    public function test_another_style_is_told_from_the_same_one_changed(): void
    {
        $style = static fn (int $number): array => ['style' => $number, 'name' => 'A', 'tokens' => []];

        self::assertTrue((new HouseStyleChange($style(1), $style(2)))->isOther());
        self::assertFalse((new HouseStyleChange($style(1), $style(1)))->isOther());
        self::assertStringContainsString(
            '"tokens":{}',
            (string) json_encode((new HouseStyleChange($style(1), $style(2)))->toArray()),
            'No tokens stay a map.',
        );
    }
}
