<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class DescriptionField implements RuleField
{
    public function name(): string
    {
        return 'description';
    }

    public function comparisons(): array
    {
        return [
            Comparison::fixed('isFilled', 'description is filled in', Quantity::Described, 1, null),
            Comparison::fixed('isEmpty', 'description is not filled in', Quantity::Described, 0, 0),
            Comparison::fixed('hasOne', 'has a description', Quantity::Described, 1, null),
            Comparison::fixed('hasNone', 'has no description', Quantity::Described, 0, 0),
        ];
    }
}
