<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Shop\OldAddressName;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Finding\FoundRows;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;

/** What a file says of the products of its rows: it reads back as it is, but for what is there for reading alone. */
final readonly class ProductsOut
{
    /** By which step a product has its template. */
    public const STEP = 'step';

    public const OLD_ADDRESSES = 'old addresses';

    /** Between several in one cell. */
    public const BETWEEN = ' | ';

    /**
     * @param  list<ProductColumn>  $columns
     * @param  list<string>  $besides  `STEP`, `OLD_ADDRESSES`
     */
    public function __construct(
        private StoredThings $things,
        private FoundRows $found,
        private RowNames $names,
        private array $columns,
        private array $besides,
    ) {
    }

    /** @return list<string> */
    public function header(): array
    {
        return [
            ...array_map(static fn (ProductColumn $one): string => $one->words, $this->columns),
            ...$this->besides,
        ];
    }

    /**
     * @param  list<int>  $products
     * @return array<int, list<string>> cells by product
     */
    public function cells(array $products): array
    {
        $asked = $this->header();
        $stands = array_filter($this->columns, static fn (ProductColumn $one): bool => ! $one->isPin()) === []
            ? []
            : $this->things->read(Thing::Product, $products);
        $shown = array_intersect($asked, [ProductColumn::TEMPLATE, self::STEP]) === []
            ? []
            : array_column($this->found->of(PageKind::Product, $products), null, 'id');
        $pins = in_array(ProductColumn::PIN, $asked, true) ? self::pins($products) : [];
        $old = in_array(self::OLD_ADDRESSES, $asked, true) ? self::oldAddresses($products) : [];
        $cells = [];
        foreach ($products as $product) {
            $beside = [
                ProductColumn::PIN => isset($pins[$product]) ? $this->names->name('template', $pins[$product]) : '',
                ProductColumn::TEMPLATE => self::text($shown[$product]['templateName'] ?? ''),
                self::STEP => self::text($shown[$product]['by'] ?? ''),
                self::OLD_ADDRESSES => implode(self::BETWEEN, $old[$product] ?? []),
            ];
            $cells[$product] = [
                ...array_map(fn (ProductColumn $one): string => $beside[$one->words] ?? $this->cell(
                    $one,
                    $stands[$product][$one->name()] ?? null,
                ), $this->columns),
                ...array_map(static fn (string $one): string => $beside[$one] ?? '', $this->besides),
            ];
        }

        return $cells;
    }

    private function cell(ProductColumn $column, mixed $value): string
    {
        $things = $column->things();

        return implode(self::BETWEEN, array_map(fn (mixed $one): string => match (true) {
            is_bool($one) => $one ? 'yes' : 'no',
            $things !== null && is_int($one) => $this->names->name($things, $one),
            default => self::text($one),
        }, is_array($value) ? $value : [$value]));
    }

    /**
     * @param  list<int>  $products
     * @return array<int, int>
     */
    private static function pins(array $products): array
    {
        return array_map(intval(...), Pin::query()->toBase()->where('page_kind', PageKind::Product->value)
            ->whereIntegerInRaw('subject_id', $products)
            ->pluck('template_id', 'subject_id')
            ->all());
    }

    /**
     * @param  list<int>  $products
     * @return array<int, list<string>>
     */
    private static function oldAddresses(array $products): array
    {
        $old = [];
        foreach (OldAddressName::query()->toBase()->where('thing', Thing::Product->value)
            ->whereIntegerInRaw('thing_id', $products)
            ->orderByDesc('id')
            ->get(['thing_id', 'slug']) as $row) {
            $old[(int) $row->thing_id][] = (string) $row->slug;
        }

        return array_map(static fn (array $slugs): array => array_values(array_unique($slugs)), $old);
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
