<?php

declare(strict_types=1);

namespace Vestibra\Demo;

/** Words for generated products. Names are put together from syllables that mean nothing. */
final class Vocabulary
{
    private const BEGINNINGS = [
        'Brel', 'Dorv', 'Fenk', 'Grast', 'Holv', 'Jarn', 'Klim', 'Lorb', 'Meld', 'Nusk', 'Ovr', 'Prend', 'Quol', 'Rusk',
        'Selv', 'Tromb', 'Ulv', 'Vask', 'Wend', 'Yarl', 'Zeld', 'Brun', 'Cald', 'Drim', 'Eld',
    ];

    private const MIDDLES = ['a', 'e', 'i', 'o', 'u', 'ai', 'ea', 'io', 'ou', 'ei'];

    private const ENDINGS = [
        'bick', 'dane', 'fold', 'gard', 'holm', 'kett', 'lind', 'mere', 'nock', 'pell', 'quist', 'rell', 'sand', 'tarn',
        'vick', 'wold', 'bury', 'croft', 'dell', 'firth', 'gill', 'hurst', 'lock', 'moor', 'nell', 'ridge', 'stow',
        'thorp', 'ward', 'zell',
    ];

    public const THINGS = [
        'ink', 'pen', 'nib', 'notebook', 'pad', 'folder', 'ruler', 'pencil', 'eraser', 'sharpener', 'stamp', 'seal',
        'wax', 'envelope', 'card', 'blotter', 'inkwell', 'tray', 'clip', 'lamp', 'case', 'pouch',
        'brush', 'crayon', 'chalk', 'marker', 'binder', 'diary', 'planner', 'journal', 'sketchbook', 'easel', 'compass',
        'protractor', 'stapler', 'punch', 'scissors', 'knife', 'glue', 'tape', 'label', 'tag',
        'ribbon', 'twine', 'bookmark', 'bookend', 'cushion', 'mat', 'stand', 'holder',
    ];

    public const COLOURS = [
        'teal', 'amber', 'heather', 'slate', 'rose', 'moss', 'sand', 'copper', 'navy', 'plum', 'olive', 'ivory',
        'coral', 'indigo', 'russet', 'silver',
    ];

    public const MATERIALS = [
        'brass', 'resin', 'oak', 'linen', 'cotton', 'leather', 'steel', 'glass', 'birch', 'felt', 'cork', 'canvas',
    ];

    public const KINDS = ['set', 'pair', 'refill', 'large', 'small', 'travel', 'classic', 'gift'];

    public const PRAISE = [
        'It lasts for years.', 'Made to be used every day.', 'It lies well in the hand.',
        'A quiet thing that does one job well.', 'For letters, lists and long evenings.', 'It can be mended.',
        'It comes in a plain box.',
    ];

    /** How many names there are. */
    public static function names(): int
    {
        return count(self::BEGINNINGS) * count(self::MIDDLES) * count(self::ENDINGS);
    }

    public static function name(int $number): string
    {
        [$middles, $endings] = [count(self::MIDDLES), count(self::ENDINGS)];

        return self::BEGINNINGS[intdiv($number, $middles * $endings) % count(self::BEGINNINGS)]
            .self::MIDDLES[intdiv($number, $endings) % $middles]
            .self::ENDINGS[$number % $endings];
    }
}
