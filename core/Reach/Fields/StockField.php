<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class StockField implements RuleField
{
    public function name(): string
    {
        return 'stock';
    }

    public function comparisons(): array
    {
        return [
            Comparison::fixed('isIn', 'is in stock', Quantity::Supply, 1, null),
            Comparison::fixed('isOut', 'is sold out', Quantity::Supply, 0, 0),
            Comparison::atMost('stock is at most', Quantity::Stock),
        ];
    }
}
