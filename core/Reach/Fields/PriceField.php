<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class PriceField implements RuleField
{
    public function name(): string
    {
        return 'price';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('price is at least', Quantity::Price, ConditionValues::Money),
            Comparison::atMost('price is at most', Quantity::Price, ConditionValues::Money),
            Comparison::of('between', 'price is between', ConditionValues::MoneyRange, Weight::Narrowed, static fn (
                array $values,
            ): Check => new InRange(
                Quantity::Price,
                (int) $values[0],
                (int) $values[1],
            )),
        ];
    }
}
