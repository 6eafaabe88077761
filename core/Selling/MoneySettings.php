<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * How a shop speaks of money and measures.
 *
 * @shape MoneySettings array{currency: string, tax: 'none'|'included'|'added', rate: string, volume: 'ml'|'l',
 *     weight: 'g'|'kg'}
 *
 * @api
 */
final readonly class MoneySettings
{
    /**
     * @param  string  $currency  ISO 4217
     * @param  string  $rate  of tax in per cent, as `20` or `5.5`; empty where none is said
     * @param  bool  $largeVolume  unit prices for a litre rather than 100 ml
     * @param  bool  $largeWeight  unit prices for a kilogram rather than 100 g
     */
    public function __construct(
        public string $currency,
        public TaxWords $tax = TaxWords::None,
        public string $rate = '',
        public bool $largeVolume = false,
        public bool $largeWeight = false,
    ) {
    }

    /** @return array{currency: string, tax: string, rate: string, volume: string, weight: string} */
    public function toArray(): array
    {
        return [
            'currency' => $this->currency,
            'tax' => $this->tax->value,
            'rate' => $this->rate,
            'volume' => $this->largeVolume ? 'l' : 'ml',
            'weight' => $this->largeWeight ? 'kg' : 'g',
        ];
    }

    /**
     * @param  array<array-key, mixed>  $stored  as `toArray` gives it; what is missing is as in a shop that never set
     *     it
     */
    public static function of(array $stored, string $currency): self
    {
        return new self(
            is_string($stored['currency'] ?? null) && preg_match('/^[A-Z]{3}$/D', $stored['currency']) === 1
                ? $stored['currency']
                : $currency,
            TaxWords::tryFrom(is_string($stored['tax'] ?? null) ? $stored['tax'] : '') ?? TaxWords::None,
            is_string($stored['rate'] ?? null) && self::isRate($stored['rate']) ? $stored['rate'] : '',
            ($stored['volume'] ?? '') === 'l',
            ($stored['weight'] ?? '') === 'kg',
        );
    }

    public static function isRate(string $rate): bool
    {
        return preg_match('/^(?:\d{1,2}(?:\.\d{1,2})?)?$/D', $rate) === 1;
    }
}
