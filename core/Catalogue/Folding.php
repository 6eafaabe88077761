<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Normalizer;

/**
 * Text as it is compared: NFKC_Casefold (Unicode Standard Annex #31), white space (Unicode White_Space) gone at both
 * ends and runs of it one space.
 *
 * @api
 */
final class Folding
{
    /** Normalizer::FORM_KC_CF by its number, which older descriptions of the extension do not name. */
    private const NFKC_CASEFOLD = 48;

    public static function fold(string $text): string
    {
        $folded = Normalizer::normalize($text, self::NFKC_CASEFOLD);

        return trim((string) preg_replace('/[\p{Z}\t\n\v\f\r\x{85}]+/u', ' ', is_string($folded) ? $folded : ''));
    }

    /** @return list<string> the runs of letters, marks and digits of the folded text */
    public static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{M}\p{Nd}]+/u', self::fold($text), $found);

        return $found[0];
    }
}
