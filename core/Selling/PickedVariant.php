<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;

/**
 * What was chosen in the pickers of a page, and which variant that is.
 *
 * @api
 */
final readonly class PickedVariant
{
    /**
     * @param  array<int, int>  $values  option id => value id, of all that is wanted
     * @param  Variant|null  $variant  null where the product has none with all of that
     */
    private function __construct(
        public array $values,
        public ?Variant $variant,
    ) {
    }

    /**
     * Every picker of a page is sent, so that only what differs from the variant the page was printed with was chosen;
     * where two say different things, the one further down.
     *
     * @param  Variant  $shown  that the page was printed with
     * @param  list<array<int, int>>  $pickers  option id => value id, in the order of the page
     */
    public static function of(Product $product, Variant $shown, array $pickers): self
    {
        $wanted = $shown->values;
        foreach ($pickers as $picked) {
            foreach ($picked as $option => $value) {
                if (($shown->values[$option] ?? null) !== $value) {
                    $wanted[$option] = $value;
                }
            }
        }
        foreach ([$shown, ...$product->variants] as $variant) {
            if (array_diff_assoc($wanted, $variant->values) === []) {
                return new self($wanted, $variant);
            }
        }

        return new self($wanted, null);
    }
}
