<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Every decision that a house style holds, in the order in which they are made.
 *
 * @api
 */
final class HouseTokens
{
    public const GROUPS = [
        'colours' => 'Colours',
        'letters' => 'Letters',
        'sizes' => 'Sizes, step by step',
        'distances' => 'Distances, corners, shadows',
        'main' => 'Main button',
        'second' => 'Second button',
        'quiet' => 'Quiet button',
        'links' => 'Links',
        'fields' => 'Form fields',
        'prices' => 'Prices, stars, badges',
        'tabs' => 'Tabs and folds',
        'cards' => 'Cards',
    ];

    private const ROLES = ['ink', 'quiet', 'ground', 'surface', 'line', 'accent', 'on-accent', 'sale', 'star', 'focus'];

    private const PAINTS = [
        'ink' => ['words on ground and surface', '#1f2a30'],
        'quiet' => ['words that stand back', '#5d666b'],
        'ground' => ['behind everything', '#ffffff'],
        'surface' => ['bands, boxes, behind pictures', '#eef1ef'],
        'line' => ['hairlines, empty stars', '#d8ddda'],
        'accent' => ['buttons, what is chosen', '#20343f'],
        'on-accent' => ['words on main', '#ffffff'],
        'sale' => ['sale price, saving, warnings', '#a3262a'],
        'star' => ['ratings', '#9a6a12'],
        'focus' => ['the ring round what the keyboard is on', '#2563a8'],
    ];

    /** @var array<string, HouseToken>|null */
    private static ?array $all = null;

    /** @return array<string, HouseToken> by name */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [
                ...self::colours(), ...self::letters(), ...self::sizes(), ...self::distances(), ...self::buttons(),
                ...self::rest(),
            ],
            null,
            'name',
        );
    }

    /** @return list<string> the roles that a colour can be named by */
    public static function roles(): array
    {
        return self::ROLES;
    }

    /** @return list<HouseToken> */
    private static function colours(): array
    {
        $tokens = [];
        foreach (self::PAINTS as $role => [$use, $usual]) {
            $label = match ($role) {
                'accent' => 'main',
                'on-accent' => 'on main',
                default => $role,
            };
            $tokens[] = new HouseToken("colour-$role", $label, $use, 'colours', TokenKind::Paint, $usual, always: true);
        }

        return $tokens;
    }

    /** @return list<HouseToken> */
    private static function letters(): array
    {
        $font = static fn (string $name, string $use, string $usual): HouseToken =>
            new HouseToken("font-$name", $name, $use, 'letters', TokenKind::Font, $usual, always: true);
        $weight = static fn (string $name, string $use, string $usual): HouseToken =>
            new HouseToken("weight-$name", $name, $use, 'letters', TokenKind::Number, $usual, 200, 900);

        return [
            $font('names', 'titles, headings, prices', 'newsreader'),
            $font('words', 'everything else', 'instrument-sans'),
            $font('third', 'where a block asks for it', 'instrument-sans'),
            $weight('names', 'weight of titles', '480'),
            $weight('headings', 'weight of headings', '500'),
            new HouseToken(
                'text-size',
                'base',
                'size of plain words',
                'letters',
                TokenKind::Pixels,
                '16',
                12,
                24,
                true,
            ),
            new HouseToken(
                'scale-ratio',
                'growth from size to size',
                'how much larger each size is',
                'letters',
                TokenKind::Number,
                '1.25',
                1.05,
                1.7,
            ),
            new HouseToken(
                'title-size',
                'titles',
                'title of a product’s page',
                'letters',
                TokenKind::Pixels,
                '34',
                12,
                96,
                true,
            ),
            new HouseToken(
                'heading-size',
                'headings',
                'headings in a page',
                'letters',
                TokenKind::Pixels,
                '24',
                12,
                72,
                true,
            ),
            new HouseToken(
                'price-size',
                'price',
                'price on a product’s page',
                'letters',
                TokenKind::Pixels,
                '26',
                12,
                96,
                true,
            ),
            new HouseToken(
                'line-words',
                'lines',
                'line height of plain words',
                'letters',
                TokenKind::Number,
                '1.5',
                1,
                2.2,
            ),
            new HouseToken(
                'space-names',
                'between letters',
                'of titles, in em',
                'letters',
                TokenKind::Number,
                '-0.01',
                -0.1,
                0.3,
            ),
        ];
    }

    /** @return list<HouseToken> each by the scale, or by hand */
    private static function sizes(): array
    {
        return array_map(static fn (int $place): HouseToken => new HouseToken(
            "size-$place",
            "size $place",
            match ($place) {
                1 => 'as plain words, unless set by hand',
                default => '',
            },
            'sizes',
            TokenKind::Pixels,
            '',
            8,
            200,
            true,
            scaled: $place,
        ), range(0, HouseStyle::SIZES - 1));
    }

    /** @return list<HouseToken> */
    private static function distances(): array
    {
        $tokens = [];
        foreach (HouseStyle::STEPS as $step => $pixels) {
            $tokens[] = new HouseToken(
                "step-$step",
                "step $step",
                $step === 4 ? 'between the blocks of a column' : '',
                'distances',
                TokenKind::Pixels,
                (string) $pixels,
                0,
                400,
                true,
            );
        }

        return [
            ...$tokens,
            new HouseToken(
                'corner',
                'corners',
                'of pictures, fields and boxes',
                'distances',
                TokenKind::Pixels,
                '8',
                0,
                60,
                true,
            ),
            new HouseToken(
                'content-width',
                'content width',
                'how wide a page gets',
                'distances',
                TokenKind::Pixels,
                '1200',
                600,
                2000,
                true,
            ),
            new HouseToken(
                'shadow-soft',
                'soft shadow',
                'cards that lie',
                'distances',
                TokenKind::Shadow,
                '0 2 12 0 ink/12',
                always: true,
            ),
            new HouseToken(
                'shadow-lifted',
                'lifted shadow',
                'what floats',
                'distances',
                TokenKind::Shadow,
                '0 12 32 -6 ink/24',
                always: true,
            ),
        ];
    }

    /** @return list<HouseToken> */
    private static function buttons(): array
    {
        $tokens = [];
        foreach ([
            'main' => ['accent', 'on-accent', 'accent'],
            'second' => ['none', 'accent', 'accent'],
            'quiet' => ['none', 'accent', 'none'],
        ] as $name => [$ground, $words, $line]) {
            $role = static fn (string $part, string $label, string $usual): HouseToken =>
                new HouseToken("$name-$part", $label, '', $name, TokenKind::Role, $usual);
            array_push(
                $tokens,
                $role('ground', 'ground', $ground),
                $role('words', 'words', $words),
                $role('line', 'line', $line),
                new HouseToken("$name-corner", 'corners', '', $name, TokenKind::Pixels, '8', 0, 60, follows: 'corner'),
                new HouseToken("$name-weight", 'weight', '', $name, TokenKind::Number, '600', 300, 900),
                $role('hovered-ground', 'ground, hovered', $name === 'main' ? 'accent' : $ground),
                $role('hovered-words', 'words, hovered', $words),
                $role('hovered-line', 'line, hovered', $line),
                $role('pressed-ground', 'ground, pressed', $name === 'main' ? 'accent' : $ground),
            );
        }

        return $tokens;
    }

    /** @return list<HouseToken> */
    private static function rest(): array
    {
        $role = static fn (string $group, string $name, string $label, string $usual): HouseToken =>
            new HouseToken($name, $label, '', $group, TokenKind::Role, $usual);
        $pixels = static fn (string $group, string $name, string $label, string $usual, int $most): HouseToken =>
            new HouseToken($name, $label, '', $group, TokenKind::Pixels, $usual, 0, $most);

        return [
            $role('links', 'link-words', 'links', 'ink'),
            $role('links', 'link-hovered', 'links, hovered', 'ink'),
            $role('fields', 'field-ground', 'ground', 'ground'),
            $role('fields', 'field-line', 'line', 'quiet'),
            new HouseToken('field-corner', 'corners', '', 'fields', TokenKind::Pixels, '8', 0, 40, follows: 'corner'),
            $role('prices', 'price-words', 'price', 'ink'),
            new HouseToken('price-weight', 'weight', 'of the price', 'prices', TokenKind::Number, '400', 300, 900),
            $role('prices', 'price-sale', 'price on sale', 'ink'),
            $role('prices', 'price-was', 'price before', 'quiet'),
            $role('prices', 'price-saving', 'saving', 'sale'),
            $role('prices', 'star-full', 'full stars', 'star'),
            $role('prices', 'star-empty', 'empty stars', 'line'),
            $role('prices', 'badge-ground', 'badges', 'surface'),
            $role('prices', 'badge-words', 'words on badges', 'ink'),
            $role('prices', 'badge-sale-ground', 'sale badge', 'sale'),
            $role('prices', 'badge-sale-words', 'words on it', 'on-accent'),
            $pixels('prices', 'badge-corner', 'corners of badges', '99', 99),
            $role('tabs', 'tab-words', 'words', 'quiet'),
            $role('tabs', 'tab-chosen', 'words, chosen', 'ink'),
            $role('tabs', 'tab-line', 'line under the chosen one', 'ink'),
            $role('tabs', 'fold-line', 'lines between folds', 'line'),
            $role('tabs', 'fold-open', 'heading of an open fold', 'ink'),
            $pixels('cards', 'card-padding', 'room inside', '0', 60),
            $role('cards', 'card-ground', 'ground', 'none'),
            $pixels('cards', 'card-line', 'line', '0', 8),
            $role('cards', 'card-line-colour', 'line’s colour', 'line'),
            $pixels('cards', 'card-corner', 'corners', '0', 60),
            new HouseToken('card-shadow', 'shadow', '', 'cards', TokenKind::Shadow, 'none'),
        ];
    }
}
