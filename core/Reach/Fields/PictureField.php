<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class PictureField implements RuleField
{
    public function name(): string
    {
        return 'picture';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('number of pictures is at least', Quantity::Pictures),
            Comparison::atMost('number of pictures is at most', Quantity::Pictures),
            Comparison::fixed('hasOne', 'has a picture', Quantity::Pictures, 1, null),
            Comparison::fixed('hasNone', 'has no picture', Quantity::Pictures, 0, 0),
        ];
    }
}
