<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Conditions that must all hold; without conditions it matches every page.
 *
 * @api
 */
final readonly class Clause
{
    /** @param  list<Condition>  $conditions */
    private function __construct(public array $conditions)
    {
    }

    /** Identical conditions are merged. */
    public static function of(Condition ...$conditions): self
    {
        $kept = [];
        foreach ($conditions as $condition) {
            foreach ($kept as $other) {
                if ($other->equals($condition)) {
                    continue 2;
                }
            }
            $kept[] = $condition;
        }

        return new self($kept);
    }

    /** @return list<array{field: string, of?: int, comparison: string, values: list<int|string>}> */
    public function toArray(): array
    {
        return array_map(static fn (Condition $condition): array => $condition->toArray(), $this->conditions);
    }
}
