<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\TaxWords;
use Vestibra\Core\Selling\UnitPrice;

/**
 * What customers read beside a price.
 *
 * @api
 */
final class PriceWords
{
    /** @return string|null about tax; null where the shop says nothing */
    public static function tax(MoneyFormat $money, Messages $messages): ?string
    {
        $rate = $money->settings->rate === '' ? '' : $money->number($money->settings->rate);

        return match ($money->settings->tax) {
            TaxWords::None => null,
            TaxWords::Included => $rate === ''
                ? $messages->say('tax.included')
                : $messages->say('tax.included-rate', ['rate' => $rate]),
            TaxWords::Added => $rate === ''
                ? $messages->say('tax.added')
                : $messages->say('tax.added-rate', ['rate' => $rate]),
        };
    }

    /**
     * @return string|null what so much of it costs; null where it is not said what it holds, or where that is its price
     */
    public static function unit(Variant $variant, int $price, MoneyFormat $money, Messages $messages): ?string
    {
        $unit = $variant->contents === null ? null : UnitPrice::of($price, $variant->contents, $money->settings);

        return $unit === null ? null : $messages->say(
            'measure.price',
            ['price' => $money->format($unit->amount), 'unit' => $messages->say($unit->unit)],
        );
    }
}
