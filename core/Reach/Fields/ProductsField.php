<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class ProductsField implements RuleField
{
    public function name(): string
    {
        return 'products';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('number of products is at least', Quantity::Products),
            Comparison::atMost('number of products is at most', Quantity::Products),
        ];
    }
}
