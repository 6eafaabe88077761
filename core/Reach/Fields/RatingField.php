<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\RatedAtLeast;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class RatingField implements RuleField
{
    public function name(): string
    {
        return 'rating';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of('atLeast', 'rating is at least', ConditionValues::Stars, Weight::Narrowed, static fn (
                array $values,
            ): Check => new RatedAtLeast((int) $values[0])),
            Comparison::fixed('hasReviews', 'has reviews', Quantity::Reviews, 1, null),
            Comparison::fixed('hasNone', 'has no reviews', Quantity::Reviews, 0, 0),
        ];
    }
}
