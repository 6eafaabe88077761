<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Made by tools/families.mjs out of the packages that the families ship in.
 *
 * @api
 */
final class Families
{
    private const LATIN = 'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,'
        .'U+0329,U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD';

    private const LATIN_EXT = 'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,'
        .'U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,'
        .'U+2C60-2C7F,U+A720-A7FF';

    private const LATIN_EXT_2 = 'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,'
        .'U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C4,U+2113,'
        .'U+2C60-2C7F,U+A720-A7FF';

    private const CYRILLIC = 'U+0301,U+0400-045F,U+0490-0491,U+04B0-04B1,U+2116';

    private const GREEK = 'U+0370-0377,U+037A-037F,U+0384-038A,U+038C,U+038E-03A1,U+03A3-03FF';

    /**
     * Key => name, kind, weights, what their stand-in is stretched by and its ascent, descent and line gap; script =>
     * the code points that its file is for.
     *
     * @var array<string, array{
     *     string, 'serif'|'sans', string, array{string, string, string, string}, array<string, string>,
     * }>
     */
    public const ALL = [
        'newsreader' => ['Newsreader', 'serif', '200 800', ['105.5%', '69.7%', '25.1%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'source-serif-4' => ['Source Serif 4', 'serif', '200 900', ['117.9%', '87.9%', '28.4%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT_2,
            'cyrillic' => self::CYRILLIC,
            'greek' => self::GREEK,
        ]],
        'lora' => ['Lora', 'serif', '400 700', ['115.2%', '87.3%', '23.8%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
        ]],
        'bitter' => ['Bitter', 'serif', '100 900', ['114.5%', '81.7%', '23.2%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
        ]],
        'literata' => ['Literata', 'serif', '200 900', ['118.2%', '99.6%', '26.1%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
            'greek' => self::GREEK,
        ]],
        'eb-garamond' => ['EB Garamond', 'serif', '400 800', ['94.8%', '106.3%', '31.4%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
            'greek' => self::GREEK,
        ]],
        'instrument-sans' => ['Instrument Sans', 'sans', '400 700', ['102.7%', '94.4%', '24.3%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'work-sans' => ['Work Sans', 'sans', '100 900', ['111.9%', '83.1%', '21.7%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'karla' => ['Karla', 'sans', '200 800', ['102.4%', '89.6%', '24.6%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'figtree' => ['Figtree', 'sans', '300 900', ['100.7%', '94.3%', '24.8%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'nunito-sans' => ['Nunito Sans', 'sans', '200 900', ['101.4%', '99.7%', '34.8%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
        ]],
        'public-sans' => ['Public Sans', 'sans', '100 900', ['104.9%', '90.6%', '21.5%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
        'rubik' => ['Rubik', 'sans', '300 900', ['105%', '89.1%', '23.8%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
        ]],
        'jost' => ['Jost', 'sans', '100 900', ['96%', '111.5%', '39.1%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
            'cyrillic' => self::CYRILLIC,
        ]],
        'hanken-grotesk' => ['Hanken Grotesk', 'sans', '100 900', ['100.9%', '99.1%', '30%', '0%'], [
            'latin' => self::LATIN,
            'latin-ext' => self::LATIN_EXT,
        ]],
    ];
}
