<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Transliterator;

/**
 * The readable unique key of a thing in addresses and files: small letters and digits, with single hyphens between.
 *
 * @api
 */
final class AddressName
{
    public const MOST = 120;

    /** What has no accent to take off, and what disappears within a word. */
    private const WITHOUT = [
        'ß' => 'ss', 'æ' => 'ae', 'œ' => 'oe', 'ø' => 'o', 'ł' => 'l', 'đ' => 'd', '’' => '', "'" => '',
    ];

    public static function isGood(string $name): bool
    {
        return mb_strlen($name) <= self::MOST
            && preg_match('/^[\p{Ll}\p{Lo}\p{Nd}]+(?:-[\p{Ll}\p{Lo}\p{Nd}]+)*$/uD', $name) === 1;
    }

    /**
     * What a thing's title suggests: accents gone, everything but letters and digits a hyphen; empty when nothing is
     * left.
     */
    public static function from(string $title): string
    {
        $plain = Transliterator::create('NFKD; [:Nonspacing Mark:] Remove; NFC; Lower')?->transliterate($title) ?: '';
        $name = trim((string) preg_replace('/[^\p{Ll}\p{Lo}\p{Nd}]+/u', '-', strtr($plain, self::WITHOUT)), '-');

        return rtrim(mb_substr($name, 0, self::MOST), '-');
    }

    /**
     * The name itself, or with the first number behind it that is free.
     *
     * @param  callable(string): bool  $taken
     */
    public static function free(string $name, callable $taken): string
    {
        $free = $name;
        for ($number = 2; $taken($free); $number++) {
            $free = rtrim(mb_substr($name, 0, self::MOST - strlen("-$number")), '-')."-$number";
        }

        return $free;
    }
}
