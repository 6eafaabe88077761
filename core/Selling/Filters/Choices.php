<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * What a customer has chosen: values of some filters, and ends of ranges. Values of one filter widen the list, filters
 * narrow it together.
 *
 * @api
 */
final readonly class Choices
{
    /**
     * @param  array<string, non-empty-list<int>>  $values  filter => the values of which one has to fit, in order
     * @param  array<string, array{int|null, int|null}>  $ranges  filter => least and most, both included; null where
     *     open
     */
    private function __construct(
        public array $values,
        public array $ranges,
    ) {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /** @param  list<int>  $values  none takes the filter off */
    public function with(string $filter, array $values): self
    {
        $values = array_values(array_unique($values));
        sort($values);
        $all = [...array_diff_key($this->values, [$filter => true]), ...$values === [] ? [] : [$filter => $values]];
        ksort($all);

        return new self($all, $this->ranges);
    }

    /** Ends that are swapped are put in order; two open ones take the filter off. */
    public function between(string $filter, ?int $least, ?int $most): self
    {
        [$least, $most] = $least !== null && $most !== null && $least > $most ? [$most, $least] : [$least, $most];
        $all = [
            ...array_diff_key($this->ranges, [$filter => true]),
            ...$least === null && $most === null ? [] : [$filter => [$least, $most]],
        ];
        ksort($all);

        return new self($this->values, $all);
    }

    /** Takes a value on, or off where it is on. */
    public function toggled(string $filter, int $value): self
    {
        $on = $this->values[$filter] ?? [];

        return $this
            ->with($filter, in_array($value, $on, true) ? array_values(array_diff($on, [$value])) : [...$on, $value]);
    }

    public function without(string ...$filters): self
    {
        $off = array_flip($filters);

        return new self(array_diff_key($this->values, $off), array_diff_key($this->ranges, $off));
    }

    public function has(string $filter): bool
    {
        return isset($this->values[$filter]) || isset($this->ranges[$filter]);
    }

    /** @return list<string> the filters that are on */
    public function filters(): array
    {
        return [...array_keys($this->values), ...array_keys($this->ranges)];
    }
}
