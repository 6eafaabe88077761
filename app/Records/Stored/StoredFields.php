<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use stdClass;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Folding;

/** The fields of a thing as its table has them, both ways. */
final class StoredFields
{
    /** When a product was first shown that never was: its column takes no nothing. */
    public const NEVER = '9999-12-31 00:00:00';

    /** @return array<string, mixed> a thing's fields, without what ties it to other things */
    public static function of(Thing $thing, stdClass $row): array
    {
        $values = (array) $row;
        $fields = [];
        foreach (ThingFields::of($thing) as $name => $field) {
            $column = Tables::columns($thing)[$name] ?? null;
            $value = $column === null ? [] : $values[$column] ?? null;
            $fields[$name] = match (true) {
                $column === null, $value === null => $value,
                $value === self::NEVER => null,
                $field->type === FieldType::Flag => (bool) $value,
                $field->type === FieldType::From,
                $field->type === FieldType::Until => is_string($value) ? str_replace(' ', 'T', $value).'Z' : null,
                $field->type === FieldType::Rule => is_string($value) ? json_decode($value, true) : null,
                default => $value,
            };
        }

        return $fields;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> values by column, with what is folded of them
     */
    public static function columns(Thing $thing, array $fields): array
    {
        $columns = [];
        foreach (array_intersect_key(Tables::columns($thing), $fields) as $name => $column) {
            $value = $fields[$name];
            $type = ThingFields::field($thing, $name)?->type;
            $columns[$column] = match (true) {
                $type === FieldType::From,
                $type === FieldType::Until => is_string($value)
                    ? str_replace(['T', 'Z'], [' ', ''], $value)
                    : ($name === 'added' ? self::NEVER : null),
                $type === FieldType::Rule => $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR),
                default => $value,
            };
        }
        foreach (array_intersect_key(Tables::folded($thing), $fields) as $name => $column) {
            $columns[$column] = Folding::fold(is_string($fields[$name]) ? $fields[$name] : '');
        }

        return $columns;
    }
}
