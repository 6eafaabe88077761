<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use stdClass;
use Vestibra\App\Work\Finding\Sql\ProductCellRows;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * What the lists say of products beside their titles.
 *
 * @phpstan-type Cells array{published: bool, brand: string, category: string, price: string, variants: int,
 *     stock: int|null}
 *
 * @shape ProductCells Cells
 */
final readonly class ProductCells
{
    public function __construct(private MoneyFormat $money)
    {
    }

    /**
     * One query, whatever their number.
     *
     * @param  non-empty-list<int>  $ids
     * @return array<int, Cells>
     */
    public function of(array $ids): array
    {
        $cells = [];
        foreach (ProductCellRows::of($ids) as $row) {
            $cells[$row->id] = [
                'published' => (bool) $row->published,
                'brand' => $row->brand ?? '',
                'category' => $row->category ?? '',
                'price' => $this->price($row),
                'variants' => (int) $row->variants,
                'stock' => $row->stock === null ? null : (int) $row->stock,
            ];
        }

        return $cells;
    }

    private function price(stdClass $row): string
    {
        return match (true) {
            $row->low === null => '',
            $row->low === $row->high => $this->money->format($row->low),
            default => $this->money->format($row->low).' – '.$this->money->format($row->high),
        };
    }
}
