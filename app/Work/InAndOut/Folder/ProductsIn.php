<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Records\Catalogue\FactCheck;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Formats\Shop\ThingFile;
use Vestibra\Core\Problem;

/**
 * Products with their facts and variants, from a file each. A variant is known by its stock number, or by what it
 * `was`; one that is not in the file any more goes.
 *
 * @phpstan-type Opened array{id: int, given: array<string, mixed>, stands: array<string, mixed>|null}
 */
final readonly class ProductsIn
{
    public function __construct(
        private ThingFiles $written,
        private ThingsIn $things,
        private FactCheck $facts,
    ) {
    }

    /**
     * @param  list<string>  $names
     * @return list<string> those that name products which are made only after them, to be opened once more
     */
    public function read(array $names, FolderFiles $files, Taking $taking): array
    {
        $opened = $this->things->open(Thing::Product, $names, $files, $taking);
        $variants = $this->written
            ->variants(array_values(array_filter(array_column($opened, 'id'), static fn (int $id): bool => $id > 0)));
        $again = [];
        foreach ($opened as $name => $one) {
            $path = ShopFolder::path(Thing::Product, $name);
            $changed = $this->things->fields(Thing::Product, $name, $one, $taking);
            $facts = $this->factsOf($one, $path, $taking);
            if ($facts === null) {
                $again[] = $name;
            }
            $taking->change($path, Thing::Product, $one['id'], $one['stands'], $changed + ($facts ?? []));
            $this->variants($one, $variants[$one['id']] ?? [], $path, $taking);
        }
        $numbers = $taking->save();
        $this->things->keepEarlier(Thing::Product, $opened, $numbers);

        return $again;
    }

    /**
     * @param  Opened  $one
     * @return array<string, mixed>|null the facts that differ; null where one names a product that is made only later
     */
    private function factsOf(array $one, string $path, Taking $taking): ?array
    {
        $given = $one['given']['facts'] ?? [];
        $stands = $one['stands'] === null ? [] : $this->written->factsOf($one['stands']);
        if (! is_array($given) || ($given !== [] && array_is_list($given))) {
            $taking->problem($path, FileFormatProblem::UnknownKey->at('facts', ['key' => 'facts']));

            return [];
        }
        $changed = [];
        foreach (array_unique([...array_keys($stands), ...array_map(strval(...), array_keys($given))]) as $name) {
            if (ThingFile::same($stands[$name] ?? null, $given[$name] ?? null)) {
                continue;
            }
            $id = $this->written->names->idOf('fact', (string) $name);
            $fact = $id === null ? null : $this->written->knownFacts()[$id] ?? null;
            $value = $fact === null
                ? FileFormatProblem::UnknownName
                    ->at('', ['thing' => 'fact', 'name' => mb_substr((string) $name, 0, 80)])
                : $this->factValue($fact, $given[$name] ?? []);
            if ($value === null) {
                return null;
            }
            if ($value instanceof Problem) {
                $taking->problem($path, $value->code->at("facts/$name", $value->values));
            } elseif ($fact !== null) {
                $changed[ThingFields::fact($fact->id)] = $value === [] ? null : $value;
            }
        }

        return $changed;
    }

    /** @return list<string>|Problem|null */
    private function factValue(Fact $fact, mixed $given): array|Problem|null
    {
        $written = is_array($given) ? array_values($given) : [$given];
        if (array_filter($written, is_string(...)) !== $written || count($written) > 50) {
            return FileFormatProblem::FactValue->at('', ['words' => "“{$fact->name}” takes a list of words."]);
        }
        $what = ThingFiles::named($fact->kind);
        $numbers = [];
        foreach ($written as $name) {
            $id = $what === null ? 0 : $this->written->names->idOf($what, $name);
            if ($id === null) {
                return FileFormatProblem::UnknownName
                    ->at('', ['thing' => (string) $what, 'name' => mb_substr($name, 0, 80)]);
            }
            if ($id < 0) {
                return null;
            }
            $numbers[] = (string) $id;
        }
        $written = $what === null ? $written : $numbers;
        $wrong = $written === [] && $fact->kind !== FactKind::Blocks ? null : $this->facts->wrong($fact, $written);

        return $wrong === null
            ? FactCheck::safe($fact, $written)
            : FileFormatProblem::FactValue->at('', ['words' => $wrong]);
    }

    /**
     * @param  Opened  $one
     * @param  list<array{id: int, stands: array<string, mixed>, written: array<string, mixed>}>  $there
     */
    private function variants(array $one, array $there, string $path, Taking $taking): void
    {
        $given = $one['given']['variants'] ?? [];
        if (ThingFile::same($given, array_column($there, 'written'))) {
            return;
        }
        if (! is_array($given) || ! array_is_list($given)) {
            $taking->problem($path, FileFormatProblem::UnknownKey->at('variants', ['key' => 'variants']));

            return;
        }
        $bySku = $places = $stands = [];
        foreach ($there as $variant) {
            $bySku[is_string($variant['written']['sku']) ? $variant['written']['sku'] : ''] = $variant;
            $places[$variant['id']] = is_int($variant['stands']['position']) ? $variant['stands']['position'] : 0;
            $stands[$variant['id']] = $variant['stands'];
        }
        $wanted = $changes = [];
        foreach ($given as $index => $written) {
            $sku = is_array($written) ? $written['was'] ?? $written['sku'] ?? null : null;
            $known = is_string($sku) ? $bySku[$sku] ?? null : null;
            if (! is_array($written) || ($known !== null && isset($changes[$known['id']]))) {
                $taking->problem(
                    $path,
                    FileFormatProblem::NamedTwice
                        ->at("variants/$index", ['name' => is_string($sku) ? mb_substr($sku, 0, 60) : '']),
                );

                continue;
            }
            $id = $known['id'] ?? $this->written->names->fresh();
            $wanted[] = $id;
            $changes[$id] = $this->variant(self::named($written), $known, "variants/$index", $path, $taking);
        }
        $moved = InOrder::places($wanted, $places);
        foreach (array_diff(array_keys($places), $wanted) as $gone) {
            $taking->change($path, Thing::Variant, $gone, $stands[$gone], null);
        }
        foreach ($wanted as $id) {
            $taking->change(
                $path,
                Thing::Variant,
                $id,
                $stands[$id] ?? null,
                $changes[$id] + (isset($moved[$id]) ? ['position' => $moved[$id]] : []) + (isset($stands[$id])
                    ? []
                    : ['product' => $one['id']]),
            );
        }
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array{id: int, stands: array<string, mixed>, written: array<string, mixed>}|null  $known
     * @return array<string, mixed>
     */
    private function variant(array $given, ?array $known, string $at, string $path, Taking $taking): array
    {
        $problems = [];
        $changed = $this->written->file->changed(Thing::Variant, $known['stands'] ?? null, $given, $problems);
        foreach (
            array_diff(array_keys($given), array_keys(ThingFile::fields(Thing::Variant)), ['values', 'was']) as $unknown
        ) {
            $problems[] = FileFormatProblem::UnknownKey->at('', ['key' => mb_substr($unknown, 0, 60)]);
        }
        if ($known === null || ! ThingFile::same($given['values'] ?? [], $known['written']['values'] ?? [])) {
            $values = $this->values($given['values'] ?? []);
            if ($values instanceof Problem) {
                $problems[] = $values;
            } elseif ($values !== ($known['stands']['values'] ?? null)) {
                $changed['values'] = $values;
            }
        }
        foreach ($problems as $problem) {
            $taking->problem($path, $problem->code->at(rtrim("$at/$problem->path", '/'), $problem->values));
        }

        return $changed;
    }

    /** @return list<int>|Problem the smallest first */
    private function values(mixed $given): array|Problem
    {
        $ids = [];
        foreach (is_array($given) ? $given : [] as $option => $label) {
            $id = is_string($label) ? $this->written->names->idOf('option-value', "$option: $label") : null;
            if ($id === null) {
                return FileFormatProblem::UnknownName->at(
                    'values',
                    ['thing' => 'value', 'name' => mb_substr("$option: ".(is_string($label) ? $label : ''), 0, 80)],
                );
            }
            $ids[] = $id;
        }
        sort($ids);

        return $ids;
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    private static function named(array $given): array
    {
        $named = [];
        foreach ($given as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
