<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\App\Work\Saving\FieldWords;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * One thing of the catalogue with all its fields and what they name, as a form in the Studio takes it.
 *
 * @phpstan-type Values array<string, mixed>
 * @phpstan-type Option array{id: int, name: string, values: list<array{id: int, label: string, swatch: string|null}>}
 *
 * @shape ThingValues array<string, mixed>
 * @shape ThingOption array{id: int, name: string, values: list<array{id: int, label: string, swatch: string|null}>}
 * @shape ThingForm array{thing: Thing, id: int, stands: array<string, ThingValues>, empty: array<string, ThingValues>,
 *     names: array<string, array<string, string>>, options: list<ThingOption>, old: list<string>,
 *     money: array{currency: string, digits: int}, zone: string}
 */
final readonly class ThingSheet
{
    public function __construct(
        private StoredThings $things,
        private FieldWords $words,
        private OldAddresses $addresses,
        private MoneyFormat $money,
        private ShopClock $clock,
    ) {
    }

    /** @return array<string, mixed>|null null when there is no such thing; number 0 is one that is to be made */
    public function of(Thing $thing, int $id): ?array
    {
        $stands = [];
        foreach ($id === 0 ? [] : $this->things->read($thing, [$id]) as $fields) {
            $stands[Change::keyOf($thing, $id)] = $fields;
        }
        if ($id !== 0 && $stands === []) {
            return null;
        }
        $part = [Thing::Product->value => Thing::Variant, Thing::Option->value => Thing::OptionValue][$thing->value]
            ?? null;
        if ($part !== null) {
            foreach ($this->parts($part, $thing->value, $id) as $one => $fields) {
                $stands[Change::keyOf($part, $one)] = $fields;
            }
        }

        return [
            'thing' => $thing->value,
            'id' => $id,
            'stands' => (object) $stands,
            'empty' => array_map(static fn (Thing $one): object => (object) self::blank($one), [
                'product' => Thing::Product,
                'variant' => Thing::Variant,
                'option-value' => Thing::OptionValue,
                $thing->value => $thing,
            ]),
            'names' => (object) array_map(static fn (array $names): object => (object) $names, $this->names($stands)),
            'options' => $this->options($stands),
            'old' => $id === 0 ? [] : $this->addresses->of($thing, $id),
            'money' => ['currency' => $this->money->currency, 'digits' => $this->money->digits()],
            'zone' => $this->clock->zoneName(),
        ];
    }

    /**
     * @return array<int, Values> the variants of a product, hidden ones too, or the values of an option, in the owner's
     *     order
     */
    private function parts(Thing $part, string $of, int $id): array
    {
        $ids = Rows::in(Tables::of($part))->where(Tables::columns($part)[$of], $id)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('id')
            ->all();
        $read = $this->things->read($part, array_values(array_filter($ids, is_int(...))));

        return array_replace(array_fill_keys(array_filter($ids, is_int(...)), []), $read);
    }

    /** @return Values */
    private static function blank(Thing $thing): array
    {
        return array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFields::of($thing));
    }

    /**
     * @param  array<string, Values>  $stands
     * @return array<string, array<int, string>> by thing and number
     */
    private function names(array $stands): array
    {
        $changes = [];
        foreach ($stands as $key => $fields) {
            [$thing, $id] = explode('/', $key) + ['', '0'];
            $changes[] = new Change(
                Thing::from($thing),
                (int) $id,
                null,
                array_diff_key($fields, ['product' => 1, 'products' => 1, 'order' => 1]),
            );
        }
        $this->words->learn(new Entry($changes));

        return array_intersect_key($this->words->known(), array_flip(['brand', 'category', 'tag', 'picture']));
    }

    /**
     * @param  array<string, Values>  $stands
     * @return list<Option> those that the variants offer, with the values that they offer of each
     */
    private function options(array $stands): array
    {
        $values = [];
        foreach ($stands as $fields) {
            array_push(
                $values,
                ...array_values(
                    array_filter(is_array($fields['values'] ?? null) ? $fields['values'] : [], is_int(...)),
                ),
            );
        }

        return self::optionsOf(array_values(array_unique($values)));
    }

    /**
     * @param  list<int>  $values
     * @return list<Option>
     */
    public static function optionsOf(array $values): array
    {
        $options = [];
        foreach ($values === []
            ? []
            : OptionValue::query()->toBase()
                ->join('options', 'options.id', '=', 'option_values.option_id')
                ->whereIntegerInRaw('option_values.id', $values)
                ->orderBy('options.position')
                ->orderBy('options.id')
                ->orderBy('option_values.position')
                ->orderBy('option_values.id')
                ->get([
                    'options.id as option_id', 'options.name', 'option_values.id', 'option_values.label',
                    'option_values.swatch',
                ]) as $row) {
            $options[$row->option_id] ??= ['id' => $row->option_id, 'name' => $row->name, 'values' => []];
            $options[$row->option_id]['values'][] =
                ['id' => $row->id, 'label' => $row->label, 'swatch' => $row->swatch];
        }

        return array_values($options);
    }
}
