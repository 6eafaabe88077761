<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class AddedField implements RuleField
{
    public function name(): string
    {
        return 'added';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of(
                'withinDays',
                'was added within the last',
                ConditionValues::Days,
                Weight::Narrowed,
                static fn (array $values): Check => new AddedWithin((int) $values[0]),
            ),
            Comparison::of('before', 'was added before', ConditionValues::Instant, Weight::Narrowed, static fn (
                array $values,
            ): Check => new InRange(Quantity::Added, null, (int) strtotime((string) $values[0]) - 1)),
            Comparison::of('since', 'was added since', ConditionValues::Instant, Weight::Narrowed, static fn (
                array $values,
            ): Check => new InRange(Quantity::Added, (int) strtotime((string) $values[0]), null)),
        ];
    }
}
