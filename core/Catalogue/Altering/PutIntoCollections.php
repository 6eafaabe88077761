<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * Products are put into some collections, behind what is there, and taken out of others. What a collection holds by
 * rule is not picked by hand.
 *
 * @api
 */
final readonly class PutIntoCollections implements Alteration
{
    /**
     * @param  list<int>  $in
     * @param  list<int>  $out
     * @param  list<int>  $products
     */
    public function __construct(
        public array $in,
        public array $out,
        private array $products = [],
    ) {
    }

    /** @param  list<int>  $products */
    public function with(array $products): self
    {
        return new self($this->in, $this->out, $products);
    }

    public function thing(): Thing
    {
        return Thing::Collection;
    }

    /** @return list<int> the collections that are changed */
    public function collections(): array
    {
        return [...$this->in, ...$this->out];
    }

    public function of(array $fields): array|Problem
    {
        $has = is_array($fields['products'] ?? null) ? array_values(array_filter($fields['products'], is_int(...)))
            : [];

        return match (true) {
            ($fields['rule'] ?? null) !== null => CatalogueProblem::HeldByRule->at('products'),
            in_array($fields['id'] ?? 0, $this->in, true) =>
                ['products' => [...$has, ...array_values(array_diff($this->products, $has))]],
            default => ['products' => array_values(array_diff($has, $this->products))],
        };
    }
}
