<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Fields\FactField;

/**
 * Reads one condition from untrusted JSON (already decoded), with its values as its comparison takes them.
 *
 * @api
 */
final readonly class ConditionReader
{
    public const MAX_VALUES = 5000;

    public const MAX_TEXT = 200;

    private const MAX_NUMBER = 1_000_000_000_000;

    /**
     * @param  array<int, Fact>|null  $facts  by id; null when a stored rule is read, whose facts may have been deleted
     */
    public function __construct(
        private RuleFields $fields,
        private ShopZone $zone,
        private PageKind $kind,
        private ?array $facts,
    ) {
    }

    public function parse(mixed $input, string $path): Condition|Problem
    {
        $field = is_array($input) ? $input['field'] ?? null : null;
        $name = is_array($input) ? $input['comparison'] ?? null : null;
        if (! is_array($input) || ! is_string($field) || ! is_string($name)
            || array_diff(array_keys($input), ['field', 'of', 'comparison', 'values']) !== []) {
            return ReachProblem::NotACondition->at($path);
        }
        $what = ['field' => mb_substr($field, 0, 60), 'comparison' => mb_substr($name, 0, 60)];
        $comparison = $this->fields->comparison($this->kind, $field, $name);
        if ($comparison === null) {
            return ReachProblem::UnknownComparison->at($path, $what);
        }
        $of = $input['of'] ?? null;
        if ($of !== null && ! is_int($of) || ($field === 'fact') !== is_int($of)) {
            return ReachProblem::NotACondition->at($path);
        }
        $fact = is_int($of) ? $this->facts[$of] ?? null : null;
        if (is_int($of) && $this->facts !== null && ($fact === null
            || ! in_array($name, FactField::fitting($fact->kind), true))) {
            return ReachProblem::FactDoesNotCompare->at($path, $what);
        }
        $values = $input['values'] ?? [];
        if (! is_array($values) || ! array_is_list($values) || count($values) > self::MAX_VALUES) {
            return ReachProblem::TooManyValues->at($path, ['most' => self::MAX_VALUES]);
        }
        if ($comparison->takesValues() !== ($values !== [])) {
            return ($values === [] ? ReachProblem::NoValues : ReachProblem::ValuesNotTaken)->at($path, $what);
        }
        $read = $this->values($comparison->takes, $values);

        return $read instanceof ReachProblem ? $read->at($path, $what) : new Condition($field, $name, $read, $of);
    }

    /**
     * @param  list<mixed>  $values
     * @return list<int|string>|ReachProblem what is wrong with them
     */
    private function values(ConditionValues $takes, array $values): array|ReachProblem
    {
        return match ($takes) {
            ConditionValues::Nothing => [],
            ConditionValues::Names => self::names($values),
            ConditionValues::Money, ConditionValues::Count => self::numbers($values, 1, 0, self::MAX_NUMBER),
            ConditionValues::MoneyRange => self::numbers($values, 2, 0, self::MAX_NUMBER),
            ConditionValues::Days => self::numbers($values, 1, 1, 36_500),
            ConditionValues::Stars => self::numbers($values, 1, 10, 50),
            ConditionValues::FactNumber =>
                self::numbers(array_map(self::date(...), $values), 1, -self::MAX_NUMBER, self::MAX_NUMBER),
            ConditionValues::FactRange =>
                self::numbers(array_map(self::date(...), $values), 2, -self::MAX_NUMBER, self::MAX_NUMBER),
            ConditionValues::Instant => $this->instant($values),
            ConditionValues::Words => self::words($values),
            ConditionValues::Texts => self::texts($values),
            ConditionValues::PageKinds => self::kinds($values),
        };
    }

    /**
     * @param  list<mixed>  $values
     * @return list<int>|ReachProblem
     */
    private static function names(array $values): array|ReachProblem
    {
        $ids = [];
        foreach ($values as $value) {
            if (! is_int($value) || $value < 1 || $value >= 1 << 47) {
                return ReachProblem::NotAnId;
            }
            $ids[$value] = true;
        }
        $ids = array_keys($ids);
        sort($ids);

        return $ids;
    }

    /**
     * @param  list<mixed>  $values
     * @return list<int>|ReachProblem
     */
    private static function numbers(array $values, int $count, int $min, int $max): array|ReachProblem
    {
        $numbers = array_values(array_filter($values, is_int(...)));
        if ($numbers === []
            || count($values) !== $count
            || count($numbers) !== $count
            || min($numbers) < $min
            || max($numbers) > $max) {
            return ReachProblem::NotANumber;
        }

        return $count === 2 && $numbers[0] > $numbers[1] ? ReachProblem::MinAboveMax : $numbers;
    }

    private static function date(mixed $value): mixed
    {
        return is_string($value) ? FactValue::date($value) : $value;
    }

    /**
     * @param  list<mixed>  $values
     * @return list<string>|ReachProblem
     */
    private function instant(array $values): array|ReachProblem
    {
        $instant = count($values) === 1 && is_string($values[0]) ? $this->zone->instant($values[0]) : null;

        return $instant === null ? ReachProblem::NotADate : [$instant->format('Y-m-d\TH:i:s\Z')];
    }

    /**
     * @param  list<mixed>  $values
     * @return list<string>|ReachProblem
     */
    private static function words(array $values): array|ReachProblem
    {
        $text = $values[0];

        return count($values) === 1 && is_string($text) && self::isText($text) && Folding::words($text) !== []
            ? [trim($text)]
            : ReachProblem::NoWords;
    }

    /**
     * @param  list<mixed>  $values
     * @return list<string>|ReachProblem
     */
    private static function texts(array $values): array|ReachProblem
    {
        $texts = [];
        foreach ($values as $value) {
            if (! is_string($value) || ! self::isText($value) || Folding::fold($value) === '') {
                return ReachProblem::NoWords;
            }
            $texts[Folding::fold($value)] ??= trim($value);
        }
        ksort($texts, SORT_STRING);

        return array_values($texts);
    }

    /**
     * @param  list<mixed>  $values
     * @return list<string>|ReachProblem
     */
    private static function kinds(array $values): array|ReachProblem
    {
        $kinds = [];
        foreach ($values as $value) {
            $kind = is_string($value) ? PageKind::tryFrom($value) : null;
            if ($kind === null || $kind->standsOnPages() || $kind === PageKind::Card) {
                return ReachProblem::NotAPageKind;
            }
            $kinds[$kind->value] = $kind->value;
        }
        sort($kinds);

        return $kinds;
    }

    private static function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && mb_strlen($text) <= self::MAX_TEXT;
    }
}
