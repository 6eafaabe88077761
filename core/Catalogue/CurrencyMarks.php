<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use NumberFormatter;
use ResourceBundle;

/**
 * How people write a currency beside an amount: its ISO 4217 code, and its signs in every language that CLDR knows.
 *
 * @internal
 */
final class CurrencyMarks
{
    /**
     * @var array<string, array<string, true>> by currency: marks in lower case, without spaces and full stops at their
     *     end
     */
    private static array $marks = [];

    public static function isOf(string $mark, string $currency): bool
    {
        return isset((self::$marks[$currency] ??= self::all($currency))[self::plain($mark)]);
    }

    /** @return array<string, true> */
    private static function all(string $currency): array
    {
        $marks = [self::plain($currency) => true];
        foreach (array_filter(ResourceBundle::getLocales('') ?: [], is_string(...)) as $locale) {
            $format = new NumberFormatter("$locale@currency=$currency", NumberFormatter::CURRENCY);
            $marks[self::plain((string) $format->getSymbol(NumberFormatter::CURRENCY_SYMBOL))] = true;
        }
        // Without a mark there is nothing to be recognised.
        unset($marks[''], $marks['¤']);

        return $marks;
    }

    private static function plain(string $mark): string
    {
        return rtrim(mb_strtolower((string) preg_replace('/[\p{Z}\p{Cf}]+/u', '', $mark)), '.');
    }
}
