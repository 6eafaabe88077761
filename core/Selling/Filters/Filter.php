<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * One way to narrow a list of products: by brand, by an option, by a fact … Its key names it: `brand`, `option.3`,
 * `fact.7`, `price`.
 *
 * @api
 */
final readonly class Filter
{
    /**
     * @param  bool  $isRange  two ends rather than values
     * @param  bool  $ofVariants  each variant has its own; of a product that is narrowed by several of these, one and
     *     the same variant has to fit
     * @param  bool  $onlyInStock  whether a variant fits only while it is in stock
     */
    private function __construct(
        public string $key,
        public bool $isRange,
        public bool $ofVariants,
        public bool $onlyInStock = false,
    ) {
    }

    /** What a product has as a whole: its brand, tags, categories, facts. */
    public static function ofProducts(string $key): self
    {
        return new self($key, false, false);
    }

    /** What each variant has: the value of an option, whether it is on sale. */
    public static function ofVariants(string $key): self
    {
        return new self($key, false, true);
    }

    /** A number that a product has as a whole, as a fact in its smallest unit. */
    public static function rangeOfProducts(string $key): self
    {
        return new self($key, true, false);
    }

    /** A number that each variant has: its price. */
    public static function rangeOfVariants(string $key): self
    {
        return new self($key, true, true);
    }

    /** Sold out variants do not count for it. */
    public function inStock(bool $only = true): self
    {
        return new self($this->key, $this->isRange, $this->ofVariants, $only && $this->ofVariants);
    }
}
