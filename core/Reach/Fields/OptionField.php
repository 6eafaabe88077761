<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\OffersOption;
use Vestibra\Core\Reach\Checks\OffersValue;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/**
 * Several of these in one clause must hold for one and the same variant; the clause sees to that.
 *
 * @internal
 */
final readonly class OptionField implements RuleField
{
    public function name(): string
    {
        return 'option';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of('offers', 'offers a choice of', ConditionValues::Names, Weight::Narrowed, static fn (
                array $values,
            ): Check => new OffersOption(Comparison::ids($values))),
            Comparison::of(
                'offersValue',
                'offers',
                ConditionValues::Names,
                Weight::Narrowed,
                static fn (array $values): Check => new OffersValue(Comparison::ids($values)),
                'option-value',
            ),
        ];
    }
}
