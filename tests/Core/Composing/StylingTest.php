<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Tests\Core\Blocks\Pages;
use Vestibra\Tests\Core\Templates\Trees;

/** What is set about the pieces of a block, as the CSS of its page. */
final class StylingTest extends TestCase
{
    private const AT = '[data-s1][data-b]';

    /** @return iterable<string, array{string, array<string, array<string, mixed>>, string}> */
    public static function styles(): iterable
    {
        $at = self::AT;
        $phone = '@media (max-width:639px)';
        $moves = '@media (prefers-reduced-motion:no-preference)';

        yield 'narrow words in the middle stand there as a whole' => [
            'short-description',
            ['desktop' => ['align' => 'center'], 'phone' => ['align' => 'start']],
            "{$at}{text-align:center;width:100%;margin-inline:auto}$phone{{$at}{text-align:start;margin-inline-start:0}"
                .'}',
        ];
        yield 'and on the right, with a distance of their own on one side' => [
            'short-description',
            ['desktop' => ['align' => 'end', 'marginRight' => 12]],
            "{$at}{text-align:end;width:100%;margin-inline:auto 12px}",
        ];
        yield 'wide words stay where they are' =>
            ['heading', ['desktop' => ['align' => 'center']], "{$at}{text-align:center}"];
        yield 'a piece, not the whole' =>
            ['price', ['desktop' => ['now.weight' => '700']], "$at .price-now{font-weight:700}"];
        yield 'a state' => [
            'button',
            ['desktop' => ['button.ground:hovered' => 'ink']],
            "$at a:hover{background-color:var(--colour-ink)}",
        ];
        yield 'the block itself, hovered' => [
            'note',
            ['desktop' => ['ground:hovered' => 'surface']],
            "$at:hover{background-color:var(--colour-surface)}",
        ];
        yield 'one for all sides is one' => ['note', ['desktop' => ['padding' => 20]], "{$at}{padding:20px}"];
        yield 'pairs' => [
            'note',
            ['desktop' => ['paddingAbove' => 8, 'paddingBelow' => 8, 'paddingLeft' => 12, 'paddingRight' => 12]],
            "{$at}{padding:8px 12px}",
        ];
        yield 'a side of its own beside all' =>
            ['note', ['desktop' => ['padding' => 20, 'paddingLeft' => 4]], "{$at}{padding:20px 20px 20px 4px}"];
        yield 'one side alone' => ['note', ['desktop' => ['paddingLeft' => 4]], "{$at}{padding-inline-start:4px}"];
        yield 'two opposite sides' =>
            ['note', ['desktop' => ['paddingAbove' => 4, 'paddingBelow' => 6]], "{$at}{padding-block:4px 6px}"];
        yield 'all on the phone outweigh a side on the desktop' => [
            'note',
            ['desktop' => ['paddingLeft' => 4], 'phone' => ['padding' => 10]],
            "{$at}{padding-inline-start:4px}$phone{{$at}{padding:10px}}",
        ];
        yield 'in the middle and at most so wide: as wide as there is room, up to it' => [
            'note',
            ['desktop' => ['mostWidth' => 1600, 'place' => 'center']],
            "{$at}{max-inline-size:1600px;align-self:center;width:100%}",
        ];
        yield 'a width of its own stays' => [
            'note',
            ['desktop' => ['mostWidth' => 1600, 'place' => 'center', 'width' => '50%']],
            "{$at}{max-inline-size:1600px;align-self:center;width:50%}",
        ];
        yield 'a step of the house style' =>
            ['note', ['desktop' => ['marginAbove' => 'step-4']], "{$at}{margin-block-start:var(--step-4)}"];
        yield 'over what is above, never far on a phone' =>
            ['note', ['desktop' => ['marginAbove' => -60]], "{$at}{margin-block-start:max(-60px, -12.5vw)}"];
        yield 'a line is plain and of the colour of lines' =>
            ['note', ['desktop' => ['line' => 1]], "{$at}{border:1px solid var(--colour-line)}"];
        yield 'a line on one side' => [
            'note',
            ['desktop' => ['lineBelow' => 2, 'lineColourBelow' => 'sale']],
            "{$at}{border-block-end:2px solid var(--colour-sale)}",
        ];
        yield 'a piece with a line keeps its kind and colour' =>
            ['button', ['desktop' => ['button.line' => 2]], "$at a{border-width:2px}"];
        yield 'corners' => ['note', ['desktop' => ['corner' => 10]], "{$at}{border-radius:10px}"];
        yield 'one corner' =>
            ['note', ['desktop' => ['corner' => 10, 'cornerBelowLeft' => 0]], "{$at}{border-radius:10px 10px 10px 0}"];
        yield 'a soft shadow' => [
            'note',
            ['desktop' => ['shadow' => '0 8 24 0 ink/12']],
            "{$at}{box-shadow:0 8px 24px 0 color-mix(in srgb,var(--colour-ink) 12%,transparent)}",
        ];
        yield 'a ground that changes' => [
            'note',
            ['desktop' => ['ground' => 'surface', 'groundTo' => '#ffffff80', 'groundTurn' => 'right']],
            "{$at}{background-color:var(--colour-surface);"
                .'background-image:linear-gradient(90deg,var(--colour-surface),#ffffff80)}',
        ];
        yield 'a picture as ground fills it' => [
            'note',
            ['desktop' => ['groundPicture' => 50]],
            ":root{--picture-50:url(\"/pictures/file50-800.webp\")}{$at}{background-image:var(--picture-50);"
                .'background-size:cover;background-position:var(--picture-50-at,center)}',
        ];
        yield 'a pattern in its own size, elsewhere none' => [
            'note',
            [
                'desktop' => ['groundPicture' => 50, 'groundFit' => 'auto', 'groundMiddle' => 'top'],
                'phone' => ['groundPicture' => 'none'],
            ],
            ":root{--picture-50:url(\"/pictures/file50-800.webp\")}{$at}{background-image:var(--picture-50);"
                ."background-size:auto;background-position:top}$phone{{$at}{background-image:none}}",
        ];
        yield 'as a pattern it is as wide as somebody says' => [
            'note',
            ['desktop' => ['groundPicture' => 50, 'groundFit' => 'auto', 'patternWidth' => 80]],
            ":root{--picture-50:url(\"/pictures/file50-800.webp\")}{$at}{background-image:var(--picture-50);"
                .'background-size:80px;background-position:var(--picture-50-at,center)}',
        ];
        yield 'what is held one below another begins on one edge' => [
            'holder',
            ['desktop' => ['direction' => 'column'], 'phone' => ['direction' => 'row']],
            "{$at}{flex-direction:column;--holder-across:stretch}$phone{{$at}{flex-direction:row;"
                .'--holder-across:center}}',
        ];
        yield 'what has a height by the window takes one that somebody says' => [
            'gallery',
            ['desktop' => ['main.height' => 900]],
            "$at .gallery-stage{block-size:900px;max-block-size:none}",
        ];
        yield 'or a shape' => [
            'gallery',
            ['desktop' => ['main.proportion' => '4/5'], 'phone' => ['main.mostHeight' => 200]],
            "$at .gallery-stage{aspect-ratio:4 / 5;max-block-size:none}"
                ."$phone{{$at} .gallery-stage{max-block-size:200px}}",
        ];
        yield 'a sign between the steps of a way' => [
            'breadcrumbs',
            ['desktop' => ['sign' => 'slash'], 'phone' => ['sign' => 'none']],
            "{$at}{--way-sign:\"/\"}$phone{{$at}{--way-sign:\"\"}}",
        ];
        yield 'others do not' =>
            ['picture', ['desktop' => ['picture.height' => 90]], "$at .picture{block-size:90px}"];
        yield 'a picture that is no longer there is none' => [
            'note',
            ['desktop' => ['groundPicture' => 999]],
            "{$at}{background-image:var(--picture-999);background-size:cover;"
                .'background-position:var(--picture-999-at,center)}',
        ];
        yield 'colours that change, over a picture' => [
            'note',
            ['desktop' => ['groundPicture' => 50, 'ground' => 'ground/80', 'groundTo' => 'ground/20']],
            ":root{--picture-50:url(\"/pictures/file50-800.webp\")}{$at}{background-color:color-mix(in "
                .'srgb,var(--colour-ground) 80%,transparent);background-image:linear-gradient(180deg,color-mix(in '
                .'srgb,var(--colour-ground) 80%,transparent),color-mix(in srgb,var(--colour-ground) '
                .'20%,transparent)),var(--picture-50);background-size:cover;'
                .'background-position:var(--picture-50-at,center)}',
        ];
        yield 'nothing it could change from' => ['note', ['desktop' => ['groundTo' => 'surface']], ''];
        yield 'filters together' => [
            'picture',
            ['desktop' => ['picture.grey' => 100, 'picture.brightness' => 90]],
            "$at .picture{filter:grayscale(100%) brightness(90%)}",
        ];
        yield 'one filter in a state keeps the others' => [
            'picture',
            ['desktop' => ['picture.grey' => 100, 'picture.blur' => 2, 'picture.grey:hovered' => 0]],
            "$at .picture{filter:grayscale(100%) blur(2px)}$at .picture:hover{filter:grayscale(0%) blur(2px)}",
        ];
        yield 'what rises moves in a moment, and stands still for those who ask' => [
            'note',
            ['desktop' => ['rise:hovered' => 4]],
            "{$moves}{{$at}{transition-duration:160ms}}{$moves}{{$at}:hover{translate:0 -4px}}",
        ];
        yield 'what rises no more rests at nought' => [
            'note',
            ['desktop' => ['rise:hovered' => 4], 'phone' => ['rise:hovered' => 0]],
            "{$moves}{{$at}{transition-duration:160ms}}{$moves}{{$at}:hover{translate:0 -4px}}"
                .'@media (prefers-reduced-motion:no-preference) and (max-width:639px)'
                ."{{$at}:hover{translate:0 0}}",
        ];
        yield 'what moves on the phone alone takes its moment there' => [
            'note',
            ['desktop' => ['ground' => 'surface'], 'phone' => ['rise:hovered' => 4]],
            "{$at}{background-color:var(--colour-surface)}@media (prefers-reduced-motion:no-preference) and "
                ."(max-width:639px){{$at}{transition-duration:160ms}}@media (prefers-reduced-motion:no-preference) "
                ."and (max-width:639px){{$at}:hover{translate:0 -4px}}",
        ];
        yield 'narrower widths say only what differs' => [
            'title',
            ['desktop' => ['size' => 40], 'tablet' => ['size' => 40], 'phone' => ['size' => 30]],
            "{$at}{font-size:40px}$phone{{$at}{font-size:30px}}",
        ];
        yield 'a state that says the same says nothing' => [
            'button',
            ['desktop' => ['button.ground' => 'ink', 'button.ground:hovered' => 'ink']],
            "$at a{background-color:var(--colour-ink)}",
        ];
        yield 'a filter that changes on the phone changes under a hand too' => [
            'picture',
            [
                'desktop' => ['picture.grey' => 50, 'picture.blur' => 2, 'picture.grey:hovered' => 0],
                'phone' => ['picture.blur' => 9],
            ],
            "$at .picture{filter:grayscale(50%) blur(2px)}$phone{{$at} .picture{filter:grayscale(50%) blur(9px)}}$at "
                .".picture:hover{filter:grayscale(0%) blur(2px)}$phone{{$at} .picture:hover{filter:grayscale(0%) "
                .'blur(9px)}}',
        ];
    }

    /** @param  array<string, array<string, mixed>>  $how */
    #[DataProvider('styles')]
    public function test_styles_as_css(string $kind, array $how, string $css): void
    {
        self::assertSame(
            $css,
            Pages::compose(
                new Node('b', $kind, ['text' => 'Words', 'label' => 'Words', 'picture' => 1], how: $how),
                Pages::ink(),
            )->css,
        );
    }

    public function test_of_two_states_at_once_the_weightier_comes_last(): void
    {
        $css = Pages::compose(
            new Node(
                'b',
                'tabs',
                how: [
                    'desktop' =>
                        ['tab.colour:pressed' => 'sale', 'tab.colour:chosen' => 'ink', 'tab.colour:hovered' => 'quiet'],
                    'phone' => ['tab.colour:hovered' => 'star'],
                ],
                children: [
                    new Node('t', 'tab', ['title' => 'One'], children: [new Node('x', 'text', ['text' => 'Words'])]),
                ],
            ),
            Pages::ink(),
        )->css;
        $places = array_map(static fn (string $part): int => (int) strpos($css, $part), [
            'a:hover{color:var(--colour-quiet)', 'a:hover{color:var(--colour-star)', 'a[aria-selected=true]{',
            'a:active{',
        ]);

        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertNotContains(0, $places);
    }

    public function test_what_says_the_same_is_said_once(): void
    {
        $note = static fn (string $id): Node =>
            new Node($id, 'note', ['text' => 'Words'], how: ['desktop' => ['padding' => 20]]);
        $css = Pages::compose(new Node('c', 'holder', children: [$note('a'), $note('b')]), Pages::ink())->css;

        self::assertSame('[data-s1][data-b],[data-s2][data-b]{padding:20px}', $css);
    }

    public function test_a_block_has_a_mark_of_its_own_in_the_order_of_the_tree_whatever_of_it_is_on_the_page(): void
    {
        $wide = ['desktop' => ['padding' => 20]];
        $page = static fn (bool $off): Node => new Node('c', 'holder', children: [
            new Node('a', 'note', ['text' => 'Words'], how: $wide, when: $off ? ['off' => true] : []),
            new Node('plain', 'note', ['text' => 'Words']),
            new Node('b', 'note', ['text' => 'Words'], how: ['desktop' => ['padding' => 30]]),
            new Node('hidden', 'note', ['text' => 'Words'], when: ['widths' => ['phone']]),
        ]);
        foreach ([false, true] as $off) {
            $composed = Pages::compose($page($off), Pages::ink());
            self::assertSame(
                [$off ? null : 'data-s1', null, 'data-s2', 'data-s3'],
                array_map(static fn (string $id): ?string => $composed->page->find($id)?->mark, [
                    'a', 'plain', 'b', 'hidden',
                ]),
            );
            self::assertStringContainsString('[data-s2][data-b]{padding:30px}', $composed->css);
            self::assertStringContainsString('[data-s3][data-b]{display:none}', $composed->css);
            self::assertSame(! $off, str_contains($composed->css, '[data-s1]'));
        }
    }

    public function test_room_inside_a_column_is_that_of_what_stands_right_in_it(): void
    {
        $tree = new Node('p', 'page', children: [new Node('band', 'band', children: [
            new Node('c', 'column', how: ['desktop' => ['padding' => 20, 'ground' => 'surface']]),
        ])]);
        $css = Kinds::composer()->compose($tree, Pages::context(Pages::ink()))->css;

        self::assertStringContainsString('[data-s1][data-b]{background-color:var(--colour-surface)}', $css);
        self::assertMatchesRegularExpression('/\[data-s1\]\[data-b\] ?> ?\.column-inner\{padding:20px\}/', $css);
    }

    public function test_on_the_canvas_a_block_keeps_its_mark_whatever_is_drawn_again(): void
    {
        $tree = new Node(
            'p',
            'page',
            children: [
                new Node('a', 'note', ['text' => 'Words']),
                new Node('b', 'note', ['text' => 'Words'], how: ['desktop' => ['padding' => 30]]),
            ],
        );
        $composed = Kinds::composer()->compose($tree, Pages::context(Pages::ink()), true);

        self::assertSame('[data-s-b][data-b]{padding:30px}', $composed->css);
        self::assertSame(['data-s-a', 'data-s-b'], array_column($composed->page->children, 'mark'));
    }

    /** @return iterable<string, array{string, Piece}> */
    public static function pieces(): iterable
    {
        foreach (Trees::schema()->all() as $definition) {
            foreach ($definition->pieces as $piece) {
                yield "$definition->kind, ".($piece->name ?: 'the whole') => [$definition->kind, $piece];
            }
        }
    }

    #[DataProvider('pieces')]
    public function test_every_piece_takes_its_groups_in_its_states_and_nothing_else(string $kind, Piece $piece): void
    {
        $definition = Trees::schema()->definition($kind);
        foreach (StyleProperties::all() as $property) {
            foreach (PieceState::cases() as $state) {
                $key = StyleKey::of($piece->name, $property->name, $state);
                $own = $piece->name === Piece::WHOLE && $definition?->own(Question::How, $property->name) !== null;
                $setting = $definition?->setting(Question::How, $key);
                self::assertSame(
                    $own && $state === PieceState::Usual || ! $own && $piece->takes($property, $state),
                    $setting !== null,
                    $key,
                );
            }
        }
        self::assertNotSame('', $piece->label);
        self::assertContains('usual', array_column($piece->inStates(), 'value'));
    }

    public function test_names_of_styles_that_are_none(): void
    {
        foreach ([
            '', '.size', 'now.', 'now.size:', 'now.size:usual', 'now.size:flying', 'now.size.weight', 'size;color',
            "size\n", 'now:hovered.size', str_repeat('a', 30),
        ] as $name) {
            self::assertNull(StyleKey::parse($name), $name);
        }
        self::assertEquals(
            ['now', 'size', PieceState::Hovered],
            array_values((array) StyleKey::parse('now.size:hovered')),
        );
        self::assertSame('size', StyleKey::of('', 'size'));
        self::assertSame('now.size:hovered', StyleKey::of('now', 'size', PieceState::Hovered));
    }
}
