<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Generator;
use stdClass;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\Catalogue\Fact as FactRow;
use Vestibra\App\Records\Models\Catalogue\Option;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Models\Shop\OldAddressName;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Formats\Shop\ThingFile;
use Vestibra\Core\Selling\MoneyFormat;

/** The things of the shop as they stand in the files of a folder. */
final class ThingFiles
{
    /** Things that are in memory at once. */
    private const AT_ONCE = 400;

    public readonly ThingFile $file;

    /** @var array<int, Fact>|null */
    private ?array $facts = null;

    /** @var array<int, array{option: string, label: string}>|null */
    private ?array $values = null;

    public function __construct(
        public readonly ShopNames $names,
        private readonly StoredThings $things,
        private readonly FactBook $book,
        private readonly MoneyFormat $money,
        ShopClock $clock,
    ) {
        $this->file = new ThingFile(
            $names,
            new FieldReader($clock->zone, $money->digits(), $money->currency, SafeHtml::clean(...)),
            $money->digits(),
        );
    }

    /** @return array<string, mixed> */
    public function shop(): array
    {
        return ShopFolder::headed('shop', [
            'name' => config()->string('vestibra.shop'),
            'currency' => $this->money->currency,
            'language' => str_replace('_', '-', config()->string('vestibra.locale')),
            'timeZone' => config()->string('vestibra.zone'),
        ]);
    }

    /** @return Generator<string, array<string, mixed>> by path: what a file each is made of */
    public function all(Thing $thing): Generator
    {
        foreach (array_chunk($this->names->all($thing->value), self::AT_ONCE) as $ids) {
            foreach ($this->of($thing, $ids) as $id => $written) {
                yield ShopFolder::path($thing, (string) $this->names->nameOf($thing->value, $id)) => $written;
            }
        }
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array<string, mixed>> by number
     */
    public function of(Thing $thing, array $ids): array
    {
        $variants = $thing === Thing::Product ? $this->variants($ids) : [];
        $earlier = $this->earlier($thing, $ids);
        $written = [];
        foreach ($this->things->read($thing, $ids) as $id => $fields) {
            $facts = $thing === Thing::Product ? $this->factsOf($fields) : [];
            $written[$id] = ShopFolder::headed($thing->value, [
                ...$this->file->written($thing, $fields),
                ...isset($earlier[$id]) ? ['earlierAddressNames' => $earlier[$id]] : [],
                ...$facts === [] ? [] : ['facts' => $facts],
                ...$thing === Thing::Product ? ['variants' => array_column($variants[$id] ?? [], 'written')] : [],
            ]);
        }

        return $written;
    }

    /**
     * @param  list<int>  $products
     * @return array<int, list<array{id: int, stands: array<string, mixed>, written: array<string, mixed>}>> by product,
     *     in their order
     */
    public function variants(array $products): array
    {
        $order = array_values(array_map(
            intval(...),
            Variant::query()->toBase()->whereIntegerInRaw('product_id', $products)
                ->orderBy('position')
                ->orderBy('id')
                ->pluck('id')
                ->all(),
        ));
        $stands = $this->things->read(Thing::Variant, $order);
        $variants = [];
        foreach ($order as $id) {
            $product = $stands[$id]['product'];
            is_int($product) && $variants[$product][] =
                ['id' => $id, 'stands' => $stands[$id], 'written' => $this->variant($stands[$id])];
        }

        return $variants;
    }

    /** @return array<string, mixed> */
    public function options(): array
    {
        return ShopFolder::headed('options', ['options' => $this->optionList()]);
    }

    /** @return list<array{name: string, values: list<array<string, mixed>>}> in the owner's order */
    public function optionList(): array
    {
        $values = [];
        foreach (OptionValue::query()->toBase()->orderBy('option_id')->orderBy('position')->orderBy('id')->get(
            ['option_id', 'label', 'swatch'],
        ) as $row) {
            $values[$row->option_id][] = ['label' => $row->label]
                + ($row->swatch === null ? [] : ['swatch' => $row->swatch]);
        }

        return array_values(array_map(
            static fn (stdClass $row): array => ['name' => $row->name, 'values' => $values[$row->id] ?? []],
            Option::query()->inOrder()->toBase()->get(['id', 'name'])->all(),
        ));
    }

    /**
     * @return array<string, mixed> those that are laid out on the drawing table belong to templates, and stand here
     *     without values
     */
    public function facts(): array
    {
        return ShopFolder::headed('facts', ['facts' => array_map(
            static fn (stdClass $row): array => ['name' => $row->name, 'kind' => $row->kind]
                + ($row->unit === '' ? [] : ['unit' => $row->unit])
                + ($row->decimals === 0 ? [] : ['decimals' => $row->decimals])
                + ($row->choices === null ? [] : ['choices' => json_decode($row->choices, true)])
                + ($row->group_name === '' ? [] : ['group' => $row->group_name]),
            FactRow::query()->inOrder()->toBase()->get()->all(),
        )]);
    }

    /** @return array<int, Fact> by number */
    public function knownFacts(): array
    {
        return $this->facts ??= $this->book->all();
    }

    /** Facts may have been defined meanwhile. */
    public function forgetFacts(): void
    {
        $this->facts = null;
    }

    public function forget(): void
    {
        $this->names->forget();
        $this->facts = $this->values = null;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, list<string>>
     */
    public function factsOf(array $fields): array
    {
        $written = [];
        foreach ($this->knownFacts() as $id => $fact) {
            $values = $fields[ThingFields::fact($id)] ?? null;
            if (is_array($values) && $fact->kind !== FactKind::Blocks) {
                $written[(string) $this->names->nameOf('fact', $id)] = array_map(
                    fn (string $one): string => $this->factValue($fact, $one),
                    array_values(array_filter($values, is_string(...))),
                );
            }
        }

        return $written;
    }

    /** What a fact's number is a number of, in the words of a folder. */
    public static function named(FactKind $kind): ?string
    {
        return match ($kind) {
            FactKind::Picture => 'picture',
            FactKind::Files => 'file',
            FactKind::Products => 'product',
            default => null,
        };
    }

    private function factValue(Fact $fact, string $value): string
    {
        $what = self::named($fact->kind);

        return $what === null ? $value : $this->names->nameOf($what, (int) $value) ?? $value;
    }

    /**
     * @param  array<string, mixed>  $stands
     * @return array<string, mixed>
     */
    private function variant(array $stands): array
    {
        $chosen = [];
        foreach (array_filter(is_array($stands['values']) ? $stands['values'] : [], is_int(...)) as $value) {
            $parts = $this->valueParts()[$value] ?? null;
            $parts === null || $chosen[$parts['option']] = $parts['label'];
        }
        ksort($chosen, SORT_STRING);
        $written = $this->file->written(Thing::Variant, $stands);

        return ['sku' => $written['sku'] ?? ''] + ($chosen === [] ? [] : ['values' => $chosen]) + $written;
    }

    /** @return array<int, array{option: string, label: string}> by a value's number */
    private function valueParts(): array
    {
        if ($this->values === null) {
            $this->values = [];
            foreach (OptionValue::query()->toBase()->get(['id', 'label', 'option_id']) as $row) {
                $this->values[(int) $row->id] = [
                    'option' => (string) $this->names->nameOf('option', (int) $row->option_id),
                    'label' => (string) $row->label,
                ];
            }
        }

        return $this->values;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, list<string>>
     */
    private function earlier(Thing $thing, array $ids): array
    {
        $earlier = [];
        foreach (OldAddressName::query()->toBase()->where('thing', $thing->value)
            ->whereIntegerInRaw('thing_id', $ids)
            ->orderBy('id')
            ->get(['thing_id', 'slug']) as $row) {
            in_array($row->slug, $earlier[$row->thing_id] ?? [], true) || $earlier[$row->thing_id][] = $row->slug;
        }

        return $earlier;
    }
}
