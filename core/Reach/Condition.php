<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Field, comparison, values. Things are named by id, so that renaming never breaks a rule.
 *
 * @shape Condition array{field: string, of?: int, comparison: string, values: list<int|string>}
 *
 * @api
 */
final readonly class Condition
{
    /**
     * @param  list<int|string>  $values
     * @param  int|null  $of  the fact that is compared, for the field `fact`
     */
    public function __construct(
        public string $field,
        public string $comparison,
        public array $values = [],
        public ?int $of = null,
    ) {
    }

    public function equals(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /** @return array{field: string, of?: int, comparison: string, values: list<int|string>} */
    public function toArray(): array
    {
        return ['field' => $this->field]
            + ($this->of === null ? [] : ['of' => $this->of])
            + ['comparison' => $this->comparison, 'values' => $this->values];
    }
}
