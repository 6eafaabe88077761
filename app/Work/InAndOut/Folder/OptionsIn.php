<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;

/** The options and their values, from the one file that they stand in. `was` says what something was called before. */
final readonly class OptionsIn
{
    public function __construct(
        private ThingFiles $written,
        private StoredThings $things,
    ) {
    }

    /** @param  array<string, mixed>  $file */
    public function read(array $file, Taking $taking): void
    {
        $places = self::placesOf('options');
        $stands = $this->things->read(Thing::Option, array_keys($places));
        $wanted = $changes = [];
        foreach (self::list($file['options'] ?? null, 'options', $taking) as $index => $given) {
            $path = "options/$index";
            $name = is_string($given['name'] ?? null) ? $given['name'] : '';
            $id = $this->idOf('option', $given['was'] ?? $name, $wanted) ?? $this->written->names->fresh();
            $this->written->names->alias('option', $name, $id);
            $wanted[] = $id;
            $changes[$id] = $this->fields(Thing::Option, $stands[$id] ?? null, $given, $path, ['values'], $taking);
            $this->values($given, $path, $id, $name, $taking);
        }
        $this->keep(Thing::Option, $wanted, $places, $stands, $changes, [], $taking);
    }

    /** @param  array<string, mixed>  $given */
    private function values(array $given, string $path, int $option, string $name, Taking $taking): void
    {
        $places = $option < 0 ? [] : self::placesOf('option_values', $option);
        $stands = $this->things->read(Thing::OptionValue, array_keys($places));
        $labels = array_map(static fn (array $fields): mixed => $fields['label'], $stands);
        $was = is_string($given['was'] ?? null) ? $given['was'] : $name;
        $wanted = $changes = [];
        foreach (self::list($given['values'] ?? [], "$path/values", $taking) as $index => $value) {
            $label = is_string($value['label'] ?? null) ? $value['label'] : '';
            $called = $value['was'] ?? $label;
            $id = array_search($called, $labels, true);
            $id = is_int($id) && ! in_array($id, $wanted, true) ? $id : $this->written->names->fresh();
            foreach ([$name, $was] as $one) {
                $this->written->names->alias('option-value', "$one: $label", $id);
                is_string($called) && $this->written->names->alias('option-value', "$one: $called", $id);
            }
            $wanted[] = $id;
            $changes[$id] = $this
                ->fields(Thing::OptionValue, $stands[$id] ?? null, $value, "$path/values/$index", [], $taking);
        }
        foreach (array_diff_key($labels, array_flip($wanted)) as $id => $label) {
            $this->written->names->alias('option-value', "$name: ".(is_string($label) ? $label : ''), $id);
        }
        $this->keep(Thing::OptionValue, $wanted, $places, $stands, $changes, ['option' => $option], $taking);
    }

    /**
     * @param  array<string, mixed>|null  $stands
     * @param  array<string, mixed>  $given
     * @param  list<string>  $besides
     * @return array<string, mixed>
     */
    private function fields(
        Thing $thing,
        ?array $stands,
        array $given,
        string $path,
        array $besides,
        Taking $taking,
    ): array {
        $problems = [];
        $changed = $this->written->file->changed($thing, $stands, $given, $problems);
        foreach (array_diff(
            array_keys($given),
            array_keys($this->written->file::fields($thing)),
            ['was'],
            $besides,
        ) as $unknown) {
            $problems[] = FileFormatProblem::UnknownKey
                ->at(mb_substr($unknown, 0, 60), ['key' => mb_substr($unknown, 0, 60)]);
        }
        foreach ($problems as $problem) {
            $taking->problem(ShopFolder::OPTIONS, $problem->code->at("$path/$problem->path", $problem->values));
        }

        return $changed;
    }

    /**
     * @param  list<int>  $wanted
     * @param  array<int, int>  $places
     * @param  array<int, array<string, mixed>>  $stands
     * @param  array<int, array<string, mixed>>  $changes
     * @param  array<string, mixed>  $besides  what new ones have too
     */
    private function keep(
        Thing $thing,
        array $wanted,
        array $places,
        array $stands,
        array $changes,
        array $besides,
        Taking $taking,
    ): void {
        $moved = InOrder::places($wanted, $places);
        foreach ($wanted as $id) {
            $taking->change(
                ShopFolder::OPTIONS,
                $thing,
                $id,
                $stands[$id] ?? null,
                $changes[$id] + (isset($moved[$id]) ? ['position' => $moved[$id]] : []) + (
                    isset($stands[$id]) ? [] : $besides
                ),
            );
        }
    }

    /** @param  list<int>  $taken */
    private function idOf(string $what, mixed $name, array $taken): ?int
    {
        $id = is_string($name) ? $this->written->names->idOf($what, $name) : null;

        return $id === null || $id < 0 || in_array($id, $taken, true) ? null : $id;
    }

    /** @return array<int, int> by number, in their order */
    private static function placesOf(string $table, ?int $option = null): array
    {
        $rows = Rows::in($table)->when($option !== null, static fn ($query) => $query->where('option_id', $option))
            ->orderBy('position')
            ->orderBy('id')
            ->get(['id', 'position']);

        return array_map(intval(...), $rows->pluck('position', 'id')->all());
    }

    /** @return list<array<string, mixed>> */
    private static function list(mixed $given, string $path, Taking $taking): array
    {
        $list = [];
        foreach (is_array($given) ? $given : [] as $one) {
            if (! is_array($one)) {
                $given = null;

                break;
            }
            $values = [];
            foreach ($one as $name => $value) {
                $values[(string) $name] = $value;
            }
            $list[] = $values;
        }
        is_array($given)
            || $taking->problem(ShopFolder::OPTIONS, FileFormatProblem::UnknownKey->at($path, ['key' => $path]));

        return $list;
    }
}
