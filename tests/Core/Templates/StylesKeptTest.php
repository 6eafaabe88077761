<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Types\Choice;

/**
 * A style that was stored once is read for good: its name, the least and the most it takes, and its choices. What lies
 * beyond is refused.
 */
final class StylesKeptTest extends TestCase
{
    /** name => what CSS it becomes, what it takes, and what it does not */
    private const KEPT = [
        'font' => ['font-family', ['names', 'words', 'third'], ['fourth', '']],
        'size' => ['font-size', [8, 200, '0.5rem', '12rem', '50%', '400%', 'size-1'], [
            7, 201, '0.4rem', '13rem', '49%', '401%', '1em', 'step-1',
        ]],
        'weight' => ['font-weight', ['300', '400', '500', '600', '700', '800'], ['200', '900', 400]],
        'colour' => ['color', ['#aabbcc', '#aabbcc80', 'none', 'sale'], ['#abc', 'aabbcc', 'x', '#aabbccdd1']],
        'align' => ['text-align', ['start', 'center', 'end', 'justify'], ['left']],
        'lineHeight' => ['line-height', ['0.8', '3', 8, 240], ['0.7', '3.1', 7, 241, '1rem']],
        'letterSpacing' => ['letter-spacing', ['-0.2em', '1em', -10, 40], ['-0.3em', '1.1em', -11, 41, '1rem']],
        'case' => ['text-transform', ['none', 'uppercase', 'lowercase', 'capitalize'], ['upper']],
        'slant' => ['font-style', ['normal', 'italic'], ['oblique']],
        'decoration' => ['text-decoration-line', ['none', 'underline', 'line-through'], ['overline']],
        'padding' => ['', [0, 400, '50%', '20rem', 'step-1'], [-1, 401, '51%', '21rem', 'auto', 'size-1']],
        'margin' => ['', [-400, 400, '-50%', '50%', '-20rem', '20rem', 'auto', 'step-1'], [
            -401, 401, '51%', '-51%', '21rem', '-21rem',
        ]],
        'corner' => ['', [0, 400, '50%', 'house'], [-1, 401, '51%', 'step-1']],
        'opacity' => ['opacity', [0, 100], [-1, 101, '50']],
        'ground' => ['background-color', ['#aabbcc', 'none'], ['#abc']],
        'groundTo' => ['', ['#aabbcc'], ['#abc']],
        'groundTurn' => ['', ['down', 'right', 'corner'], ['up']],
        'patternWidth' => ['', [8, 1200], [7, 1201, '20px']],
        'groundFit' => ['', ['cover', 'contain', 'auto'], ['fill']],
        'groundMiddle' => ['', ['center', 'top', 'bottom', 'left', 'right'], ['middle']],
        'line' => ['', [0, 40], [-1, 41, '1rem']],
        'lineColour' => ['', ['#aabbcc'], ['#abc']],
        'lineKind' => ['', ['solid', 'dashed', 'dotted', 'double'], ['groove']],
        'width' => ['width', [], ['wide']],
        'leastWidth' => ['min-inline-size', [0, 2000, '100%', '120rem'], [-1, 2001, '101%', '121rem', 'none']],
        'mostWidth' => ['max-inline-size', [0, 2000, '100%', '120rem', 'none'], [-1, 2001, '101%', '121rem']],
        'height' => ['block-size', [0, 2000, '120rem', '100vh'], [-1, 2001, '121rem', '50%', '101vh']],
        'leastHeight' => ['min-block-size', [0, 2000, '120rem', '50vh'], [-1, 2001, '121rem', '50%', '101vh']],
        'mostHeight' => ['max-block-size', [0, 2000, '120rem', '80vh', 'none'], [-1, 2001, '121rem', '50%', '101vh']],
        'grey' => ['', [0, 100], [-1, 101]],
        'brightness' => ['', [20, 200], [19, 201]],
        'blur' => ['', [0, 40], [-1, 41]],
        'fit' => ['object-fit', ['cover', 'contain'], ['fill']],
        'focusAcross' => ['', [0, 100], [-1, 101]],
        'focusDown' => ['', [0, 100], [-1, 101]],
        'rise' => ['', [-60, 60], [-61, 61]],
        'grow' => ['', [50, 200], [49, 201]],
        'duration' => ['', [0, 2000], [-1, 2001]],
        'place' => ['align-self', ['flex-start', 'center', 'flex-end'], ['start']],
        'layer' => ['z-index', [0, 9], [-1, 10]],
        'shadow' => ['box-shadow', [], ['dark']],
        'proportion' => ['aspect-ratio', [], ['square']],
        'groundPicture' => ['', [], ['picture']],
    ];

    private const SIDES = [
        'Above' => 'block-start', 'Right' => 'inline-end', 'Below' => 'block-end', 'Left' => 'inline-start',
    ];

    private const CORNERS = [
        'AboveLeft' => 'start-start', 'AboveRight' => 'start-end', 'BelowRight' => 'end-end',
        'BelowLeft' => 'end-start',
    ];

    /** @return iterable<string, array{string, string|null, list<mixed>, list<mixed>}> */
    public static function kept(): iterable
    {
        foreach (self::KEPT as $name => [$css, $takes, $refuses]) {
            yield $name => [$name, $css, $takes, $refuses];
        }
        foreach (self::SIDES as $side => $logical) {
            yield "padding$side" => ["padding$side", "padding-$logical", ...array_slice(self::KEPT['padding'], 1)];
            yield "margin$side" => ["margin$side", "margin-$logical", ...array_slice(self::KEPT['margin'], 1)];
            yield "line$side" => ["line$side", "border-$logical-width", ...array_slice(self::KEPT['line'], 1)];
            yield "lineColour$side" =>
                ["lineColour$side", "border-$logical-color", ...array_slice(self::KEPT['lineColour'], 1)];
            yield "lineKind$side" =>
                ["lineKind$side", "border-$logical-style", ...array_slice(self::KEPT['lineKind'], 1)];
        }
        foreach (self::CORNERS as $corner => $logical) {
            yield "corner$corner" =>
                ["corner$corner", "border-$logical-radius", ...array_slice(self::KEPT['corner'], 1)];
        }
    }

    /**
     * @param  list<mixed>  $takes
     * @param  list<mixed>  $refuses
     */
    #[DataProvider('kept')]
    public function test_it_is_read_as_it_was(string $name, ?string $css, array $takes, array $refuses): void
    {
        $property = StyleProperties::find($name);
        self::assertNotNull($property);
        self::assertSame($name, $property->name);
        self::assertSame($css, $property->css);
        foreach ($takes as $value) {
            self::assertNull($property->type->problem($value), "$name takes ".json_encode($value));
        }
        foreach ($refuses as $value) {
            self::assertNotNull($property->type->problem($value), "$name does not take ".json_encode($value));
        }
        if ($property->type instanceof Choice) {
            self::assertCount(count($takes), $property->type->describe()['options'] ?? [], $name);
        }
    }

    public function test_there_is_no_style_that_nobody_promised(): void
    {
        self::assertEqualsCanonicalizing(
            array_keys(iterator_to_array(self::kept())),
            array_map(strval(...), array_keys(StyleProperties::all())),
        );
    }

    public function test_what_is_said_of_all_sides_is_said_of_each(): void
    {
        $sides = static fn (string $of): array =>
            array_map(static fn (string $side): string => $of.$side, array_keys(self::SIDES));
        self::assertEqualsCanonicalizing(
            ['padding', 'margin', 'line', 'lineKind', 'lineColour', 'corner'],
            array_keys(StyleProperties::parts()),
        );
        foreach (['padding', 'margin', 'line', 'lineKind', 'lineColour'] as $of) {
            self::assertEqualsCanonicalizing($sides($of), StyleProperties::parts()[$of]);
        }
        self::assertEqualsCanonicalizing(
            array_map(static fn (string $one): string => "corner$one", array_keys(self::CORNERS)),
            StyleProperties::parts()['corner'],
        );
    }

    public function test_what_a_line_is_like_has_an_effect_where_there_is_one_around_or_on_that_side(): void
    {
        $lines = ['line', 'lineAbove', 'lineRight', 'lineBelow', 'lineLeft'];
        foreach (['lineColour', 'lineKind'] as $of) {
            self::assertEqualsCanonicalizing($lines, StyleProperties::find($of)?->needs);
            foreach (array_keys(self::SIDES) as $side) {
                self::assertSame(['line', "line$side"], StyleProperties::find("$of$side")?->needs);
            }
        }
        foreach (StyleProperties::all() as $property) {
            self::assertSame([], array_diff($property->needs, array_keys(StyleProperties::all())), $property->name);
        }
    }

    /** @return iterable<string, array{Piece, list<StyleGroup>, list<PieceState>}> */
    public static function pieces(): iterable
    {
        [$text, $box, $size] = [StyleGroup::Text, StyleGroup::Box, StyleGroup::Size];
        [$picture, $moves] = [StyleGroup::Picture, StyleGroup::Movement];
        [$hovered, $focused, $pressed] = [PieceState::Hovered, PieceState::Focused, PieceState::Pressed];
        yield 'letters' => [Piece::letters('now', 'The price', '.now'), [$text, $box], []];
        yield 'box' => [Piece::box('now', 'The price', '.now'), [$text, $box, $size], []];
        yield 'pressed' => [
            Piece::pressed('now', 'The price', '.now'), [$text, $box, $size, $moves], [$hovered, $focused, $pressed],
        ];
        yield 'link' => [Piece::link('now', 'The price', '.now'), [$text, $box], [$hovered, $focused]];
        yield 'picture' => [Piece::picture('now', 'The price', '.now'), [$box, $size, $picture, $moves], [$hovered]];
        yield 'drawing' => [Piece::drawing('now', 'The price', '.now'), [$text, $box, $size], []];
    }

    /**
     * @param  list<StyleGroup>  $groups
     * @param  list<PieceState>  $states
     */
    #[DataProvider('pieces')]
    public function test_what_can_be_styled_about_a_piece(Piece $piece, array $groups, array $states): void
    {
        self::assertSame(['now', 'The price', '.now'], [$piece->name, $piece->label, $piece->selector]);
        self::assertEqualsCanonicalizing(
            array_map(static fn (StyleGroup $one): string => $one->value, $groups),
            array_map(static fn (StyleGroup $one): string => $one->value, $piece->groups),
        );
        self::assertEqualsCanonicalizing(
            array_map(static fn (PieceState $one): string => $one->value, $states),
            array_map(strval(...), array_keys($piece->states)),
        );
    }
}
