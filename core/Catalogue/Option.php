<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/** @api */
final readonly class Option
{
    /** @param  list<OptionValue>  $values in the owner's order */
    public function __construct(
        public int $id,
        public string $name,
        public array $values,
    ) {
    }

    public function value(int $id): ?OptionValue
    {
        foreach ($this->values as $value) {
            if ($value->id === $id) {
                return $value;
            }
        }

        return null;
    }

    /** True when every value has a swatch. */
    public function isColour(): bool
    {
        foreach ($this->values as $value) {
            if ($value->swatch === null) {
                return false;
            }
        }

        return $this->values !== [];
    }
}
