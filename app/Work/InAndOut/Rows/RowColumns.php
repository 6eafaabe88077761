<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Problem;

/** What the columns of a file are: the key by which a row is found, and fields of a variant. In any order. */
final readonly class RowColumns
{
    /** What a row is found by, the surest first, as columns may call it. */
    public const KEYS = ['sku' => 'stock number', 'barcode' => 'bar code', 'slug' => 'address name'];

    private const TAKEN = [
        FieldType::Line, FieldType::Money, FieldType::Count, FieldType::Flag, FieldType::From, FieldType::Until,
        FieldType::Barcode, FieldType::Contents,
    ];

    /**
     * @param  array<int, ThingField>  $fields  by their place
     * @param  list<string>  $called  as the file calls its columns
     */
    private function __construct(
        public string $key,
        public int $keyAt,
        public array $fields,
        public array $called,
    ) {
    }

    /**
     * @param  array<string, string>  $given  as a column is called => what it is, in words; '' for nothing
     */
    public static function of(TableRow $header, array $given): self|Problem
    {
        $given = array_combine(array_map(Folding::fold(...), array_keys($given)), array_values($given));
        $places = $called = [];
        foreach ($header->cells as $at => $cell) {
            $called[] = $name = mb_substr(trim($cell), 0, 60);
            $what = Folding::fold($given[Folding::fold($name)] ?? $name);
            $field = $what === '' ? null : self::names()[$what] ?? null;
            if ($field !== null && isset($places[$field])) {
                return TableProblem::HeaderTwice->at('', ['column' => $name, 'other' => $called[$places[$field]]]);
            }
            $field === null || $places[$field] = $at;
        }
        $key = array_values(array_intersect(array_keys(self::KEYS), array_keys($places)))[0] ?? null;
        if ($key === null) {
            return TableProblem::NoKey->at('', ['columns' => implode(', ', array_slice($called, 0, 8))]);
        }
        $fields = [];
        foreach (array_diff_key($places, [$key => true, 'slug' => true]) as $name => $at) {
            $fields[$at] = ThingFields::of(Thing::Variant)[$name];
        }

        return $fields === []
            ? TableProblem::NothingKnown->at('', ['columns' => implode(', ', array_slice($called, 0, 8))])
            : new self($key, $places[$key], $fields, $called);
    }

    /** @return array<string, string> as the file calls them => what they are */
    public function understood(): array
    {
        $understood = [];
        foreach ($this->called as $at => $name) {
            $understood[$name] = $at === $this->keyAt ? self::KEYS[$this->key] : $this->fields[$at]->words ?? '';
        }

        return $understood;
    }

    /**
     * @param  array<string, string>  $given  as a column is called => what it is, in words; '' for nothing
     * @return string what a column is by itself, in words; empty for nothing
     */
    public static function meant(string $called, array $given): string
    {
        $given = array_combine(array_map(Folding::fold(...), array_keys($given)), array_values($given));
        $name = self::names()[Folding::fold($given[Folding::fold($called)] ?? $called)] ?? '';

        return self::KEYS[$name] ?? ThingFields::of(Thing::Variant)[$name]->words ?? '';
    }

    /** @return list<string> what a column can be, in words: keys first */
    public static function words(): array
    {
        $words = array_values(self::KEYS);
        foreach (ThingFields::of(Thing::Variant) as $name => $field) {
            in_array($field->type, self::TAKEN, true) && $name !== 'position' && $words[] = $field->words;
        }

        return array_values(array_unique($words));
    }

    /** @return array<string, string> folded => field */
    private static function names(): array
    {
        $names = [];
        foreach (ThingFields::of(Thing::Variant) as $name => $field) {
            if (in_array($field->type, self::TAKEN, true) && $name !== 'position') {
                $names[Folding::fold($name)] = $names[Folding::fold($field->words)] = $name;
            }
        }

        return $names + ['address name' => 'slug', 'slug' => 'slug', 'on sale until' => 'saleUntil'];
    }
}
