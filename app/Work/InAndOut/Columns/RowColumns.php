<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Columns;

use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Problem;

/** What the columns of a file are: the key by which a row is found, fields of a variant and of its product. */
final readonly class RowColumns
{
    /**
     * @param  string  $key  of `RowTerms::KEYS`
     * @param  array<int, ThingField>  $fields  of variants, by their place
     * @param  array<int, ProductColumn>  $own  of products, by their place
     * @param  list<string>  $called  as the file calls its columns
     */
    private function __construct(
        public string $key,
        public int $keyAt,
        public array $fields,
        public array $own,
        public array $called,
    ) {
    }

    /**
     * @param  array<string, string>  $given  as a column is called => what it is, in words; '' for nothing
     */
    public static function of(TableRow $header, array $given, RowTerms $terms): self|Problem
    {
        $given = array_combine(array_map(Folding::fold(...), array_keys($given)), array_values($given));
        $places = $called = $own = [];
        foreach ($header->cells as $at => $cell) {
            $called[] = $name = mb_substr(trim($cell), 0, 60);
            $what = $terms->find($name, $given);
            $field = $what instanceof ProductColumn ? " $what->words" : $what;
            if ($field !== null && isset($places[$field])) {
                return TableProblem::HeaderTwice->at('', ['column' => $name, 'other' => $called[$places[$field]]]);
            }
            $field === null || $places[$field] = $at;
            $what instanceof ProductColumn && $own[$at] = $what;
        }
        $key = array_values(array_intersect(array_keys(RowTerms::KEYS), array_keys($places)))[0] ?? null;
        if ($key === null) {
            return TableProblem::NoKey->at('', ['columns' => implode(', ', array_slice($called, 0, 8))]);
        }
        $fields = [];
        foreach (array_diff_key($places, [$key => true, 'slug' => true]) as $name => $at) {
            isset($own[$at]) || $fields[$at] = ThingFields::of(Thing::Variant)[$name];
        }

        return $fields === [] && $own === []
            ? TableProblem::NothingKnown->at('', ['columns' => implode(', ', array_slice($called, 0, 8))])
            : new self($key, $places[$key], $fields, $own, $called);
    }

    /** @return string what a field of a change is called */
    public function words(Thing $thing, string $field): string
    {
        foreach ($thing === Thing::Product ? $this->own : [] as $column) {
            if ($column->name() === $field) {
                return $column->words;
            }
        }

        return ThingFields::of($thing)[$field]->words ?? $field;
    }

    /** @return array<string, string> as the file calls them => what they are */
    public function understood(): array
    {
        $understood = [];
        foreach ($this->called as $at => $name) {
            $understood[$name] = $at === $this->keyAt
                ? RowTerms::KEYS[$this->key]
                : $this->fields[$at]->words ?? $this->own[$at]->words ?? '';
        }

        return $understood;
    }
}
