<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class SaleField implements RuleField
{
    public function name(): string
    {
        return 'sale';
    }

    public function comparisons(): array
    {
        return [
            Comparison::fixed('isOn', 'is on sale', Quantity::Sale, 1, 1),
            Comparison::fixed('isOff', 'is not on sale', Quantity::Sale, 0, 0),
        ];
    }
}
