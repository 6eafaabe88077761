<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\Variant;

/**
 * What the variants of a product cost now, sold out or not.
 *
 * @api
 */
final readonly class PriceRange
{
    private function __construct(
        public Price $lowest,
        public Price $highest,
    ) {
    }

    /**
     * @param  list<Variant>  $variants
     * @return self|null null when there is no variant
     */
    public static function of(array $variants, DateTimeImmutable $at): ?self
    {
        if ($variants === []) {
            return null;
        }
        $prices = array_map(static fn (Variant $variant): Price => Price::of($variant, $at), $variants);
        usort($prices, static fn (Price $a, Price $b): int => $a->now <=> $b->now);

        return new self($prices[0], $prices[count($prices) - 1]);
    }

    public function isOnePrice(): bool
    {
        return $this->lowest->now === $this->highest->now;
    }
}
