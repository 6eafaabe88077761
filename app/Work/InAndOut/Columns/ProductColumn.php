<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Columns;

use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;

/** A column that says something of a product, whichever of its variants the row is about. */
final readonly class ProductColumn
{
    /** Which template the product is pinned to. */
    public const PIN = 'pinned to';

    /** Which template it is shown with: it is pinned to that where it is shown with another. */
    public const TEMPLATE = 'template';

    /** Fields that hold days. */
    public const DAYS = [FieldType::From, FieldType::Until];

    private function __construct(
        public string $words,
        public ?ThingField $field = null,
        public ?Fact $fact = null,
    ) {
    }

    public static function field(ThingField $field): self
    {
        return new self($field->words, $field);
    }

    /** @param  bool  $isTaken  whether something else is called like it */
    public static function fact(Fact $fact, bool $isTaken): self
    {
        return new self($isTaken ? "fact $fact->name" : $fact->name, fact: $fact);
    }

    public static function pin(): self
    {
        return new self(self::PIN);
    }

    public static function template(): self
    {
        return new self(self::TEMPLATE);
    }

    /** As the product's field is called where it is stored. */
    public function name(): string
    {
        return $this->field->name ?? ($this->fact === null ? $this->words : ThingFields::fact($this->fact->id));
    }

    public function isPin(): bool
    {
        return $this->field === null && $this->fact === null;
    }

    /** @return string|null what its cells name: `brand`, `category`, `tag` or `template`; null: they name nothing */
    public function things(): ?string
    {
        return $this->isPin() ? 'template' : $this->field?->names?->value;
    }

    public function isSeveral(): bool
    {
        return $this->field?->type === FieldType::Several || $this->fact?->kind === FactKind::Several;
    }

    public function isNumber(): bool
    {
        return $this->fact?->kind === FactKind::Number;
    }

    public function isDay(): bool
    {
        return $this->fact?->kind === FactKind::Date
            || in_array($this->field?->type, self::DAYS, true);
    }
}
