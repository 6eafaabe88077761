<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * One field of a thing of the catalogue.
 *
 * @api
 */
final readonly class ThingField
{
    /**
     * @param  string  $words  as it is called in sentences: `short description`
     * @param  Thing|null  $names  what its numbers are numbers of
     * @param  int  $most  characters, things, pieces or minor units
     */
    public function __construct(
        public string $name,
        public FieldType $type,
        public string $words,
        public bool $required = false,
        public ?Thing $names = null,
        public int $most = 0,
    ) {
    }

    /** What it holds in a thing that was just made. */
    public function empty(): mixed
    {
        return match ($this->type) {
            FieldType::Line, FieldType::Text, FieldType::Rich, FieldType::AddressName, FieldType::Barcode => '',
            FieldType::Flag => true,
            FieldType::Several, FieldType::Ordered, FieldType::Merged => [],
            FieldType::Count => $this->required ? 0 : null,
            default => null,
        };
    }

    public function isEmpty(mixed $value): bool
    {
        return $value === null || $value === '' || $value === [];
    }
}
