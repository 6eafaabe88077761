<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class ResultsField implements RuleField
{
    public function name(): string
    {
        return 'results';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('number of results is at least', Quantity::Results),
            Comparison::atMost('number of results is at most', Quantity::Results),
        ];
    }
}
