<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Styles;

use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\Extent;
use Vestibra\Core\Templates\Types\GroundPicture;
use Vestibra\Core\Templates\Types\Length;
use Vestibra\Core\Templates\Types\Proportion;
use Vestibra\Core\Templates\Types\Shadow;

/**
 * All styles that pieces take, in the order in which they are offered.
 *
 * @api
 */
final class StyleProperties
{
    /**
     * Side => the side of CSS Logical Properties 1. Left and right are said for a language that runs from left to
     * right.
     */
    public const SIDES = [
        'Above' => 'block-start', 'Right' => 'inline-end', 'Below' => 'block-end', 'Left' => 'inline-start',
    ];

    public const CORNERS = [
        'AboveLeft' => 'start-start', 'AboveRight' => 'start-end', 'BelowRight' => 'end-end',
        'BelowLeft' => 'end-start',
    ];

    /** @var array<string, list<string>>|null */
    private static ?array $parts = null;

    /** @var array<string, StyleProperty>|null */
    private static ?array $all = null;

    /** @return array<string, StyleProperty> by name */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [
                ...self::text(), ...self::box(), ...self::size(), ...self::picture(), ...self::movement(),
                ...self::place(),
            ],
            null,
            'name',
        );
    }

    public static function find(string $name): ?StyleProperty
    {
        return self::all()[$name] ?? null;
    }

    /** @return array<string, list<string>> what is said for all sides or corners at once => the settings of each */
    public static function parts(): array
    {
        if (self::$parts === null) {
            self::$parts = [];
            foreach ([
                'padding' => self::SIDES,
                'margin' => self::SIDES,
                'line' => self::SIDES,
                'lineKind' => self::SIDES,
                'lineColour' => self::SIDES,
                'corner' => self::CORNERS,
            ] as $all => $each) {
                self::$parts[$all] = array_map(static fn (string $part): string => $all.$part, array_keys($each));
            }
        }

        return self::$parts;
    }

    /** @return list<StyleProperty> */
    private static function text(): array
    {
        $group = StyleGroup::Text;

        return [
            new StyleProperty(
                'font',
                'Font',
                $group,
                new Choice(
                    ['names' => 'names', 'words' => 'words', 'third' => 'third'],
                    ['names' => 'var(--font-names)', 'words' => 'var(--font-words)', 'third' => 'var(--font-third)'],
                ),
                'font-family',
            ),
            new StyleProperty(
                'size',
                'Size',
                $group,
                new Length(['px' => [8, 200], 'rem' => [0.5, 12], '%' => [50, 400]], 'size'),
                'font-size',
                true,
            ),
            new StyleProperty(
                'weight',
                'Weight',
                $group,
                new Choice([
                    '300' => 'light', '400' => 'regular', '500' => 'medium', '600' => 'strong', '700' => 'bold',
                    '800' => 'heavy',
                ]),
                'font-weight',
                true,
            ),
            new StyleProperty('colour', 'Colour', $group, new Colour, 'color', true),
            new StyleProperty(
                'align',
                'Words stand',
                $group,
                new Choice(['start' => 'left', 'center' => 'centred', 'end' => 'right', 'justify' => 'on both sides']),
                'text-align',
                true,
            ),
            new StyleProperty(
                'lineHeight',
                'Line height',
                $group,
                new Length(['' => [0.8, 3], 'px' => [8, 240]]),
                'line-height',
            ),
            new StyleProperty(
                'letterSpacing',
                'Between letters',
                $group,
                new Length(['em' => [-0.2, 1], 'px' => [-10, 40]]),
                'letter-spacing',
            ),
            new StyleProperty(
                'case',
                'Letters',
                $group,
                new Choice([
                    'none' => 'as written', 'uppercase' => 'capitals', 'lowercase' => 'small letters',
                    'capitalize' => 'Each Word',
                ]),
                'text-transform',
            ),
            new StyleProperty(
                'slant',
                'Slant',
                $group,
                new Choice(['normal' => 'upright', 'italic' => 'slanted']),
                'font-style',
            ),
            new StyleProperty(
                'decoration',
                'Line',
                $group,
                new Choice(['none' => 'none', 'underline' => 'under it', 'line-through' => 'through it']),
                'text-decoration-line',
            ),
        ];
    }

    /** @return list<StyleProperty> */
    private static function box(): array
    {
        $group = StyleGroup::Box;
        $room = new Length(['px' => [0, 400], '%' => [0, 50], 'rem' => [0, 20]], 'step');
        $outside = new Length(['px' => [-400, 400], '%' => [-50, 50], 'rem' => [-20, 20]], 'step', [
            'auto' => ['all the room there is', 'auto'],
        ]);
        $corner = new Length(['px' => [0, 400], '%' => [0, 50]], null, [
            'house' => ['as the house style', 'var(--corner)'],
        ]);

        return [
            new StyleProperty('padding', 'Room inside', $group, $room),
            ...self::each(self::SIDES, 'padding', 'Room inside', $group, $room),
            new StyleProperty('margin', 'Room outside', $group, $outside),
            ...self::each(self::SIDES, 'margin', 'Room', $group, $outside),
            ...self::ground($group),
            ...self::lines($group),
            new StyleProperty('corner', 'Corners', $group, $corner),
            ...self::each(self::CORNERS, 'corner', 'Corner', $group, $corner),
            new StyleProperty('shadow', 'Shadow', $group, new Shadow, 'box-shadow', true),
            new StyleProperty('opacity', 'Opacity', $group, new Amount(0, 100, '%'), 'opacity'),
        ];
    }

    /** @return list<StyleProperty> */
    private static function ground(StyleGroup $group): array
    {
        return [
            new StyleProperty('ground', 'Ground', $group, new Colour, 'background-color', true),
            new StyleProperty(
                'groundTo',
                'changing to',
                $group,
                new Colour,
                needs: ['ground'],
                instead: 'without a ground there is nothing that changes',
            ),
            new StyleProperty(
                'groundTurn',
                'Changing',
                $group,
                new Choice(
                    ['down' => 'downwards', 'right' => 'to the right', 'corner' => 'to the corner'],
                    ['down' => '180deg', 'right' => '90deg', 'corner' => '135deg'],
                ),
                needs: ['groundTo'],
                instead: 'the ground does not change',
            ),
            new StyleProperty('groundPicture', 'Picture on it', $group, new GroundPicture),
            new StyleProperty(
                'groundFit',
                'The picture',
                $group,
                new Choice(['cover' => 'fills it', 'contain' => 'is seen whole', 'auto' => 'repeats in its own size']),
                needs: ['groundPicture'],
                instead: 'there is no picture on the ground',
            ),
            new StyleProperty(
                'patternWidth',
                'As a pattern, so wide',
                $group,
                new Amount(8, 1200),
                needs: ['groundPicture'],
                instead: 'there is no picture on the ground',
            ),
            new StyleProperty(
                'groundMiddle',
                'Its middle',
                $group,
                new Choice([
                    'center' => 'in the middle', 'top' => 'above', 'bottom' => 'below', 'left' => 'on the left',
                    'right' => 'on the right',
                ]),
                needs: ['groundPicture'],
                instead: 'there is no picture on the ground',
            ),
        ];
    }

    /** @return list<StyleProperty> around the box, and on each side of it */
    private static function lines(StyleGroup $group): array
    {
        $line = new Length(['px' => [0, 40]]);
        $kind = new Choice(['solid' => 'plain', 'dashed' => 'dashed', 'dotted' => 'dotted', 'double' => 'double']);
        $anyLine = ['line', ...array_map(static fn (string $side): string => "line$side", array_keys(self::SIDES))];
        $all = [
            new StyleProperty('line', 'Line', $group, $line, common: true),
            new StyleProperty(
                'lineColour',
                'Line’s colour',
                $group,
                new Colour,
                common: true,
                needs: $anyLine,
                instead: 'there is no line',
            ),
            new StyleProperty('lineKind', 'Line is', $group, $kind, needs: $anyLine, instead: 'there is no line'),
        ];
        foreach (self::SIDES as $side => $logical) {
            $needs = ['line', "line$side"];
            $all[] = new StyleProperty("line$side", 'Line '.self::said($side), $group, $line, "border-$logical-width");
            $all[] = new StyleProperty(
                "lineColour$side",
                'Its colour '.self::said($side),
                $group,
                new Colour,
                "border-$logical-color",
                needs: $needs,
                instead: 'there is no line on that side',
            );
            $all[] = new StyleProperty(
                "lineKind$side",
                'It is '.self::said($side),
                $group,
                $kind,
                "border-$logical-style",
                needs: $needs,
                instead: 'there is no line on that side',
            );
        }

        return $all;
    }

    /** @return list<StyleProperty> */
    private static function size(): array
    {
        $group = StyleGroup::Size;
        $width = new Length(['px' => [0, 2000], '%' => [0, 100], 'rem' => [0, 120]], null, [
            'none' => ['no limit', 'none'],
        ]);
        $high = ['px' => [0, 2000], 'rem' => [0, 120], 'vh' => [0, 100]];
        $height = new Length($high);

        return [
            new StyleProperty('width', 'Width', $group, new Extent, 'width', true),
            new StyleProperty(
                'leastWidth',
                'At least wide',
                $group,
                new Length(['px' => [0, 2000], '%' => [0, 100], 'rem' => [0, 120]]),
                'min-inline-size',
            ),
            new StyleProperty('mostWidth', 'At most wide', $group, $width, 'max-inline-size'),
            new StyleProperty('height', 'Height', $group, $height, 'block-size'),
            new StyleProperty('leastHeight', 'At least high', $group, $height, 'min-block-size'),
            new StyleProperty(
                'mostHeight',
                'At most high',
                $group,
                new Length($high, null, ['none' => ['no limit', 'none']]),
                'max-block-size',
            ),
            new StyleProperty('proportion', 'Shape', $group, new Proportion, 'aspect-ratio'),
        ];
    }

    /** @return list<StyleProperty> */
    private static function picture(): array
    {
        $group = StyleGroup::Picture;

        return [
            new StyleProperty('grey', 'Grey', $group, new Amount(0, 100, '%')),
            new StyleProperty('brightness', 'Brightness', $group, new Amount(20, 200, '%')),
            new StyleProperty('blur', 'Blur', $group, new Amount(0, 40)),
            new StyleProperty(
                'fit',
                'The picture',
                $group,
                new Choice(['cover' => 'fills its shape', 'contain' => 'is seen whole']),
                'object-fit',
            ),
            new StyleProperty('focusAcross', 'Middle, across', $group, new Amount(0, 100, '%')),
            new StyleProperty('focusDown', 'Middle, down', $group, new Amount(0, 100, '%')),
        ];
    }

    /** @return list<StyleProperty> */
    private static function movement(): array
    {
        $group = StyleGroup::Movement;

        return [
            new StyleProperty('rise', 'Rises by', $group, new Amount(-60, 60)),
            new StyleProperty('grow', 'Grows to', $group, new Amount(50, 200, '%')),
            new StyleProperty('duration', 'Takes', $group, new Amount(0, 2000, 'ms'), common: false),
        ];
    }

    /** @return list<StyleProperty> */
    private static function place(): array
    {
        $group = StyleGroup::Place;

        return [
            new StyleProperty(
                'place',
                'Place',
                $group,
                new Choice(['flex-start' => 'left', 'center' => 'in the middle', 'flex-end' => 'right']),
                'align-self',
                needs: ['width', 'mostWidth'],
                instead: 'it fills its place',
            ),
            new StyleProperty('layer', 'Layer', $group, new Amount(0, 9, ''), 'z-index'),
        ];
    }

    /**
     * @param  array<string, string>  $parts
     * @return list<StyleProperty>
     */
    private static function each(array $parts, string $name, string $label, StyleGroup $group, Length $type): array
    {
        return array_map(
            static fn (string $part): StyleProperty => new StyleProperty(
                $name.$part,
                "$label ".self::said($part),
                $group,
                $type,
                $name === 'corner' ? "border-$parts[$part]-radius" : "$name-$parts[$part]",
            ),
            array_keys($parts),
        );
    }

    private static function said(string $part): string
    {
        return match ($part) {
            'Above' => 'above',
            'Right' => 'on the right',
            'Below' => 'below',
            'Left' => 'on the left',
            'AboveLeft' => 'above left',
            'AboveRight' => 'above right',
            'BelowRight' => 'below right',
            default => 'below left',
        };
    }
}
