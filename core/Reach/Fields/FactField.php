<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\FactEmpty;
use Vestibra\Core\Reach\Checks\FactFilled;
use Vestibra\Core\Reach\Checks\FactHasAny;
use Vestibra\Core\Reach\Checks\FactInRange;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @api */
final readonly class FactField implements RuleField
{
    public function name(): string
    {
        return 'fact';
    }

    public function comparisons(): array
    {
        return [
            Comparison::of('isFilled', 'is filled in', ConditionValues::Nothing, Weight::Narrowed, static fn (
                array $values,
                Condition $condition,
            ): Check => new FactFilled((int) $condition->of)),
            Comparison::of('isEmpty', 'is not filled in', ConditionValues::Nothing, Weight::Narrowed, static fn (
                array $values,
                Condition $condition,
            ): Check => new FactEmpty((int) $condition->of)),
            self::texts('isOneOf', 'is one of'),
            self::texts('hasAnyOf', 'has any of'),
            Comparison::of('atLeast', 'is at least', ConditionValues::FactNumber, Weight::Narrowed, static fn (
                array $values,
                Condition $condition,
            ): Check => new FactInRange((int) $condition->of, (int) $values[0], null)),
            Comparison::of('atMost', 'is at most', ConditionValues::FactNumber, Weight::Narrowed, static fn (
                array $values,
                Condition $condition,
            ): Check => new FactInRange((int) $condition->of, null, (int) $values[0])),
            Comparison::of('between', 'is between', ConditionValues::FactRange, Weight::Narrowed, static fn (
                array $values,
                Condition $condition,
            ): Check => new FactInRange((int) $condition->of, (int) $values[0], (int) $values[1])),
        ];
    }

    /** @return list<string> the comparisons that make sense for a kind of fact */
    public static function fitting(FactKind $kind): array
    {
        return ['isFilled', 'isEmpty', ...match ($kind) {
            FactKind::Text, FactKind::Choice, FactKind::YesNo => ['isOneOf'],
            FactKind::Several => ['hasAnyOf'],
            FactKind::Number, FactKind::Date => ['atLeast', 'atMost', 'between'],
            FactKind::RichText, FactKind::Link, FactKind::Picture, FactKind::Files, FactKind::Products,
            FactKind::Blocks => [],
        }];
    }

    private static function texts(string $name, string $words): Comparison
    {
        return Comparison::of($name, $words, ConditionValues::Texts, Weight::Narrowed, static fn (
            array $values,
            Condition $condition,
        ): Check => new FactHasAny(
            (int) $condition->of,
            array_map(static fn (int|string $value): string => Folding::fold((string) $value), $values),
        ));
    }
}
