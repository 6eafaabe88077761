<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class VariantsField implements RuleField
{
    public function name(): string
    {
        return 'variants';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('number of variants is at least', Quantity::Variants),
            Comparison::atMost('number of variants is at most', Quantity::Variants),
        ];
    }
}
