<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Columns;

use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\Folding;

/** What the columns of a file can be: keys, fields of a variant, fields and facts of its product, and its template. */
final readonly class RowTerms
{
    /** What a row is found by, the surest first, as columns may call it. */
    public const KEYS = ['sku' => 'stock number', 'barcode' => 'bar code', 'slug' => 'address name'];

    private const TAKEN = [
        FieldType::Line, FieldType::Money, FieldType::Count, FieldType::Flag, FieldType::From, FieldType::Until,
        FieldType::Barcode, FieldType::Contents,
    ];

    private const OF_PRODUCTS = [
        'title', 'shortDescription', 'description', 'published', 'shownFrom', 'shownUntil', 'brand', 'mainCategory',
        'categories', 'tags', 'searchTitle', 'searchDescription',
    ];

    /** @var array<string, string> folded => field of a variant */
    private array $variant;

    /** @var array<string, ProductColumn> folded => column */
    private array $own;

    /** @param  array<int, Fact>  $facts */
    private function __construct(array $facts)
    {
        $variant = [];
        foreach (self::fields() as $name => $field) {
            $variant[Folding::fold($name)] = $variant[Folding::fold($field->words)] = $name;
        }
        $this->variant = $variant + [
            'address name' => 'slug', 'slug' => 'slug', 'on sale until' => 'saleUntil',
        ];
        $own = [];
        foreach (self::OF_PRODUCTS as $name) {
            $column = ProductColumn::field(ThingFields::of(Thing::Product)[$name]);
            $own[Folding::fold($column->words)] = $column;
        }
        $own += [
            'category' => $own['categories'],
            'tag' => $own['tags'],
            ProductColumn::PIN => ProductColumn::pin(),
            ProductColumn::TEMPLATE => ProductColumn::template(),
        ];
        foreach ($facts as $fact) {
            if (! $fact->kind->namesThings()) {
                $folded = Folding::fold($fact->name);
                $column = ProductColumn::fact($fact, isset($own[$folded]) || isset($this->variant[$folded]));
                $own += [Folding::fold($column->words) => $column];
            }
        }
        $this->own = $own;
    }

    public static function ofShop(FactBook $facts): self
    {
        return new self($facts->all());
    }

    /**
     * Which template a page is shown with goes out for reading: whoever brings it back has to say that it is meant, as
     * what other rules have changed since would be pinned to what it was before.
     *
     * @param  array<string, string>  $given  as a column is called, folded => what it was said to be, in words; '' for
     *     nothing
     * @return string|ProductColumn|null the name of a key or of a variant's field, or a column of products
     */
    public function find(string $called, array $given): string|ProductColumn|null
    {
        $said = $given[Folding::fold($called)] ?? null;
        $folded = Folding::fold($said ?? $called);
        $column = $this->own[$folded] ?? null;

        return $this->variant[$folded]
            ?? ($said === null && $column?->words === ProductColumn::TEMPLATE ? null : $column);
    }

    /**
     * @param  array<string, string>  $given  as a column is called => what it is, in words; '' for nothing
     * @return string what a column is, in words; empty for nothing
     */
    public function meant(string $called, array $given): string
    {
        $given = array_combine(array_map(Folding::fold(...), array_keys($given)), array_values($given));
        $what = $this->find($called, $given) ?? '';

        return $what instanceof ProductColumn
            ? $what->words
            : self::KEYS[$what] ?? ThingFields::of(Thing::Variant)[$what]->words ?? '';
    }

    /** @param  string  $words  what a column is */
    public function isDay(string $words): bool
    {
        $what = $this->find($words, [Folding::fold($words) => $words]);

        return $what instanceof ProductColumn
            ? $what->isDay()
            : in_array(ThingFields::of(Thing::Variant)[$what ?? '']->type ?? null, ProductColumn::DAYS, true);
    }

    /** @return list<string> what a column can be, in words: keys first */
    public function words(): array
    {
        return array_values(array_unique([
            ...array_values(self::KEYS),
            ...array_values(array_map(static fn (ThingField $field): string => $field->words, self::fields())),
            ...array_map(static fn (ProductColumn $one): string => $one->words, $this->columns()),
        ]));
    }

    /** @return list<ProductColumn> each once */
    public function columns(): array
    {
        return array_values(array_column($this->own, null, 'words'));
    }

    /** @return array<string, ThingField> of variants, that a file can have */
    private static function fields(): array
    {
        return array_filter(
            ThingFields::of(Thing::Variant),
            static fn (ThingField $field): bool => in_array($field->type, self::TAKEN, true)
                && $field->name !== 'position',
        );
    }
}
