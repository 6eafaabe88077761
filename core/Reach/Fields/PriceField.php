<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Field;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Takes;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class PriceField implements Field
{
    public function name(): string
    {
        return 'price';
    }

    public function comparisons(): array
    {
        return [
            Comparison::atLeast('price is at least', Quantity::Price, Takes::Money),
            Comparison::atMost('price is at most', Quantity::Price, Takes::Money),
            Comparison::of('between', 'price is between', Takes::MoneyRange, Weight::Narrowed, static fn (array $values): Check => new InRange(
                Quantity::Price,
                (int) $values[0],
                (int) $values[1],
            )),
        ];
    }
}
