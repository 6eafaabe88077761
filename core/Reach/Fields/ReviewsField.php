<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class ReviewsField implements RuleField
{
    public function name(): string
    {
        return 'reviews';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('number of reviews is at least', Quantity::Reviews),
            Comparison::atMost('number of reviews is at most', Quantity::Reviews),
        ];
    }
}
