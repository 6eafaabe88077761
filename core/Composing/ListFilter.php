<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * A filter beside a list of products: what can be chosen, and what is.
 *
 * @api
 */
final readonly class ListFilter
{
    /**
     * @param  string  $key  as `brand`, `option.3`
     * @param  string  $name  as customers read it
     * @param  string  $parameter  in addresses and forms
     * @param  list<ListFilterValue>  $values  as the shop defines them; none of a range
     * @param  array{int, int}|null  $bounds  of a range: least and most of the whole list, in its smallest unit
     * @param  array{int|null, int|null}  $ends  of a range: those that are chosen
     * @param  int  $decimals  of a range: how many digits are behind the point
     * @param  string  $unit  of a range, as `mm`; empty for money
     * @param  bool  $isDate  whether its numbers are days, as 20261231
     * @param  string  $words  what is looked for among the products
     * @param  string  $sought  what is looked for among its values
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $parameter,
        public array $values = [],
        public ?array $bounds = null,
        public array $ends = [null, null],
        public int $decimals = 0,
        public string $unit = '',
        public bool $isDate = false,
        public string $words = '',
        public string $sought = '',
    ) {
    }

    public function isOn(): bool
    {
        return $this->words !== ''
            || $this->ends !== [null, null]
            || array_filter($this->values, static fn (ListFilterValue $value): bool => $value->chosen) !== [];
    }
}
