<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;

/**
 * Which variant a customer's choice means, and what the other choices would lead to.
 *
 * @api
 */
final readonly class VariantMatrix
{
    public function __construct(private Product $product)
    {
    }

    /**
     * Wishes that name nothing of this product are left out. Where no variant has all of the others, the one that
     * has most of them is taken, in stock before sold out, then in the owner's order.
     *
     * @param  array<int, int>  $wishes  option id => value id
     */
    public function choose(array $wishes): Chosen
    {
        $known = $this->known($wishes);
        $best = null;
        $bestRank = [-1, -1];
        foreach ($this->product->variants as $variant) {
            $rank = [count(array_intersect_assoc($known, $variant->values)), $variant->isInStock() ? 1 : 0];
            if (($rank <=> $bestRank) > 0) {
                [$best, $bestRank] = [$variant, $rank];
            }
        }

        return new Chosen($best, $known !== [], $best !== null && $bestRank[0] === count($wishes));
    }

    public function availability(?Variant $chosen, int $optionId, int $valueId): Availability
    {
        $wanted = [$optionId => $valueId] + ($chosen->values ?? []);
        $found = Availability::NotMade;
        foreach ($this->product->variants as $variant) {
            if (array_intersect_assoc($wanted, $variant->values) === $wanted) {
                if ($variant->isInStock()) {
                    return Availability::Available;
                }
                $found = Availability::SoldOut;
            }
        }

        return $found;
    }

    /**
     * @param  array<int, int>  $wishes
     * @return array<int, int>
     */
    private function known(array $wishes): array
    {
        $known = [];
        foreach ($this->product->options as $option) {
            $wish = $wishes[$option->id] ?? null;
            if ($wish !== null && $option->value($wish) !== null) {
                $known[$option->id] = $wish;
            }
        }

        return $known;
    }
}
