<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\RatedAtLeast;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Field;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Takes;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class RatingField implements Field
{
    public function name(): string
    {
        return 'rating';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of('atLeast', 'rating is at least', Takes::Stars, Weight::Narrowed, static fn (array $values): Check => new RatedAtLeast((int) $values[0])),
            Comparison::fixed('hasReviews', 'has reviews', Quantity::Reviews, 1, null),
            Comparison::fixed('hasNone', 'has no reviews', Quantity::Reviews, 0, 0),
        ];
    }
}
