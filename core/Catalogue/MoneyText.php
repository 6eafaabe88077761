<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Brick\Math\BigDecimal;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Problem;

/**
 * An amount as people and spreadsheets write it: `1.234,56 €`, `£1,234.56`, `1 234,56`, `1'234.56`. Beside it stands
 * nothing but the currency that is meant. What can be read in two ways is not guessed.
 *
 * @internal
 */
final class MoneyText
{
    /** In minor units. */
    public const MOST = 99_999_999_999;

    /**
     * @param  int  $digits  how many digits of an amount are minor units (ISO 4217: 0, 2 or 3)
     * @param  string  $currency  the only one that may stand beside it (ISO 4217)
     * @return int|Problem minor units
     */
    public static function read(string $written, int $digits, string $currency): int|Problem
    {
        $bare = (string) preg_replace('/[\p{Z}\p{Cf}\'’]/u', '', trim($written));
        if (preg_match('/^([^\d.,()−–-]+)(?=[\d−–(-])|(?<=[\d)−–-])([^\d,()−–-]+)$/u', $bare, $part) === 1) {
            $mark = $part[2] ?? $part[1];
            if (! CurrencyMarks::isOf($mark, $currency)) {
                return self::isCurrency($mark)
                    ? CatalogueProblem::OtherCurrency
                        ->at('', ['written' => mb_substr($written, 0, 40), 'ours' => $currency])
                    : CatalogueProblem::NotAnAmount->at('', ['written' => mb_substr($written, 0, 40)]);
            }
            $bare = isset($part[2]) ? substr($bare, 0, -strlen($mark)) : substr($bare, strlen($mark));
        }
        if (preg_match('/^[-−–(]|[-−–]$/u', $bare) === 1) {
            return CatalogueProblem::Negative->at('', ['written' => mb_substr($written, 0, 40)]);
        }
        if (preg_match('/^\d{1,3}(?:([.,])\d{3})(?:\1\d{3})*(?!\1)([.,])(\d+)$/D', $bare, $part) === 1) {
            return self::amount(strtr($bare, [$part[1] => '', $part[2] => '.']), $digits, $written);
        }
        if (preg_match('/^\d{1,3}([.,])\d{3}(?:\1\d{3})+$/D', $bare, $part) === 1) {
            return self::amount(str_replace($part[1], '', $bare), $digits, $written);
        }
        if (preg_match('/^([1-9]\d{0,2})[.,](\d{3})$/D', $bare, $part) === 1) {
            return $digits === 3
                ? self::doubt($written, "$part[1]$part[2].000", "$part[1].$part[2]")
                : self::doubt($written, "$part[1]$part[2]", "$part[1].".substr($part[2], 0, 2));
        }

        return preg_match('/^\d+(?:[.,]\d+)?$/D', $bare) === 1
            ? self::amount(str_replace(',', '.', $bare), $digits, $written)
            : CatalogueProblem::NotAnAmount->at('', ['written' => mb_substr($written, 0, 40)]);
    }

    private static function isCurrency(string $mark): bool
    {
        return preg_match('/\p{Sc}/u', $mark) === 1 || preg_match('/^[A-Z]{3}$/Di', $mark) === 1;
    }

    private static function amount(string $plain, int $digits, string $written): int|Problem
    {
        $exact = BigDecimal::of($plain)->stripTrailingZeros();
        if ($exact->getScale() > $digits) {
            return CatalogueProblem::TooFine->at('', ['written' => mb_substr($written, 0, 40), 'digits' => $digits]);
        }
        $minor = $exact->withPointMovedRight($digits);

        return $minor->isGreaterThan(self::MOST)
            ? CatalogueProblem::TooMuch->at('', ['written' => mb_substr($written, 0, 40)])
            : $minor->toInt();
    }

    private static function doubt(string $written, string $large, string $small): Problem
    {
        return CatalogueProblem::InDoubt
            ->at('', ['written' => mb_substr($written, 0, 40), 'large' => $large, 'small' => $small]);
    }
}
