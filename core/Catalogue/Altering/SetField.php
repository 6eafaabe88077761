<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * A field is set to the same value everywhere.
 *
 * @internal
 */
final readonly class SetField implements Alteration
{
    /** @param  mixed  $value  in the field's form (`FieldType`) */
    public function __construct(
        private Thing $thing,
        private string $field,
        private mixed $value,
    ) {
    }

    public function thing(): Thing
    {
        return $this->thing;
    }

    public function of(array $fields): array
    {
        return [$this->field => $this->value];
    }
}
