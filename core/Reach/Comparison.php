<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Closure;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\HasNoneOf;
use Vestibra\Core\Reach\Checks\HasNothing;
use Vestibra\Core\Reach\Checks\InRange;

/**
 * One way of comparing that a field offers, such as `isIn` of category.
 *
 * @internal
 */
final readonly class Comparison
{
    /**
     * @param  string  $words  with the field, as a sentence goes on: "category is in"
     * @param  Closure(list<int|string>, Condition): Check  $check
     * @param  string|null  $things  what its values are ids of, where that is not the field's own name
     */
    private function __construct(
        public string $name,
        public string $words,
        public ConditionValues $takes,
        public Weight $weight,
        private Closure $check,
        private bool $needsEveryValue = false,
        public ?string $things = null,
    ) {
    }

    /** @param  Closure(list<int|string>, Condition): Check  $check from the values: of names, the living ones only */
    public static function of(
        string $name,
        string $words,
        ConditionValues $takes,
        Weight $weight,
        Closure $check,
        ?string $things = null,
    ): self {
        return new self($name, $words, $takes, $weight, $check, things: $things);
    }

    public static function anyOf(string $name, string $words, Aspect $aspect, Weight $weight): self
    {
        return new self($name, $words, ConditionValues::Names, $weight, static fn (array $values): Check => new HasAny(
            $aspect,
            self::ids($values),
        ));
    }

    public static function allOf(string $name, string $words, Aspect $aspect, Weight $weight): self
    {
        return new self(
            $name,
            $words,
            ConditionValues::Names,
            $weight,
            static fn (array $values): Check => new HasAll($aspect, self::ids($values)),
            true,
        );
    }

    /** Counts nowhere in the closeness. */
    public static function noneOf(string $name, string $words, Aspect $aspect): self
    {
        return new self($name, $words, ConditionValues::Names, Weight::Nothing, static fn (array $values): Check =>
            new HasNoneOf($aspect, self::ids($values)));
    }

    /** The page could have something of this aspect, and has nothing. */
    public static function nothing(string $name, string $words, Aspect $aspect, Weight $weight): self
    {
        return new self($name, $words, ConditionValues::Nothing, $weight, static fn (): Check => new HasNothing(
            $aspect,
        ));
    }

    /** Without values: the number lies between two ends, both included. */
    public static function fixed(string $name, string $words, Quantity $quantity, ?int $min, ?int $max): self
    {
        return new self($name, $words, ConditionValues::Nothing, Weight::Narrowed, static fn (): Check =>
            new InRange($quantity, $min, $max));
    }

    public static function atLeast(
        string $words,
        Quantity $quantity,
        ConditionValues $takes = ConditionValues::Count,
    ): self {
        return new self('atLeast', $words, $takes, Weight::Narrowed, static fn (array $values): Check =>
            new InRange($quantity, (int) $values[0], null));
    }

    public static function atMost(
        string $words,
        Quantity $quantity,
        ConditionValues $takes = ConditionValues::Count,
    ): self {
        return new self('atMost', $words, $takes, Weight::Narrowed, static fn (array $values): Check =>
            new InRange($quantity, null, (int) $values[0]));
    }

    /** The same on pages of a kind that it names by themselves. */
    public function naming(): self
    {
        return new self(
            $this->name,
            $this->words,
            $this->takes,
            Weight::Named,
            $this->check,
            $this->needsEveryValue,
            $this->things,
        );
    }

    public function takesValues(): bool
    {
        return $this->takes !== ConditionValues::Nothing;
    }

    /** True where a deleted value beside living ones makes the condition fail. */
    public function needsEveryValue(): bool
    {
        return $this->needsEveryValue;
    }

    /** @param  list<int|string>  $values of names, the living ones only */
    public function check(array $values, Condition $condition): Check
    {
        return ($this->check)($values, $condition);
    }

    /**
     * @param  list<int|string>  $values
     * @return list<int>
     */
    public static function ids(array $values): array
    {
        return array_map(intval(...), $values);
    }
}
