<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\App\Work\Sheets\Sql\VariantRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The variants of many products as one sheet, a row each, in the order of the list of products.
 *
 * @phpstan-type SheetLine array{id: int, product: int, title: string, called: string}
 *
 * @shape SheetLine array{id: int, product: int, title: string, called: string}
 * @shape VariantPage array{lines: list<SheetLine>, stands: array<string, ThingValues>, total: int, from: int,
 *     atOnce: int}
 * @shape VariantSheetData VariantPage&array{filter: FoundFilter, sentence: string,
 *     money: array{currency: string, digits: int}, zone: string}
 */
final readonly class VariantSheet
{
    /** Products of one page. */
    public const PAGE = 25;

    public function __construct(
        private FoundPages $products,
        private StoredThings $things,
        private ShopSettings $settings,
        private ShopClock $clock,
    ) {
    }

    /**
     * @param  int  $from  how many products stand before the first that is wanted
     * @return array{lines: list<SheetLine>, stands: object, total: int, from: int, atOnce: int}
     */
    public function page(PageFilter $filter, int $from): array
    {
        [$ids, $total] = $this->products->page($filter, $from, self::PAGE);
        $titles = Product::query()->toBase()->whereIntegerInRaw('id', $ids)->pluck('title', 'id')->all();
        $rows = VariantRows::called($ids);
        $lines = [];
        foreach ($rows as $row) {
            $title = $titles[$row->product_id] ?? '';
            $lines[(int) $row->product_id][] = [
                'id' => (int) $row->id,
                'product' => (int) $row->product_id,
                'title' => is_string($title) ? $title : '',
                'called' => (string) $row->called,
            ];
        }
        $stands = [];
        foreach ($this->things->read(
            Thing::Variant,
            array_map(intval(...), array_column($rows, 'id')),
        ) as $id => $fields) {
            $stands[Change::keyOf(Thing::Variant, $id)] = $fields;
        }

        return [
            'lines' => array_merge([], ...array_map(static fn (int $id): array => $lines[$id] ?? [], $ids)),
            'stands' => (object) $stands,
            'total' => $total,
            'from' => $from,
            'atOnce' => self::PAGE,
        ];
    }

    /** @return array{money: array{currency: string, digits: int}, zone: string} */
    public function writing(): array
    {
        return [
            'money' => [
                'currency' => $this->settings->money()->currency,
                'digits' => $this->settings->format()->digits(),
            ],
            'zone' => $this->clock->zoneName(),
        ];
    }
}
