<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use DateTimeImmutable;
use Illuminate\Contracts\Session\Session;
use stdClass;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Catalogue\Variant as VariantRow;
use Vestibra\App\Shop\Sql\CartRows;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\CartLimits;
use Vestibra\Core\Selling\CartLine;
use Vestibra\Core\Selling\CartTotals;
use Vestibra\Core\Selling\Price;

/** A customer's cart, kept in the session as variant id => quantity. */
final readonly class Cart
{
    public function __construct(private Session $session)
    {
    }

    /** @return array<int, int> */
    public function quantities(): array
    {
        $stored = $this->session->get('cart', []);

        return is_array($stored) ? array_map(intval(...), $stored) : [];
    }

    public function count(): int
    {
        return array_sum($this->quantities());
    }

    /** @return stdClass|null the variant with its product, when it can be bought by anybody */
    public function buyable(int $variantId): ?stdClass
    {
        $row = VariantRow::query()->published()
            ->toBase()
            ->join('products', 'products.id', '=', 'variants.product_id')
            ->where('variants.id', $variantId)
            ->where('products.published', true)
            ->first(['variants.*', 'products.title', 'products.slug']);

        return $row instanceof stdClass ? $row : null;
    }

    /** @return int what the cart holds of it now: never more than there is, nor than 99 */
    public function set(stdClass $variant, int $quantity): int
    {
        $quantities = CartLimits::put($this->quantities(), $variant->id, $quantity, $variant->stock);
        $this->session->put('cart', $quantities);

        return $quantities[$variant->id] ?? 0;
    }

    public function forget(int $variantId): void
    {
        $quantities = $this->quantities();
        unset($quantities[$variantId]);
        $this->session->put('cart', $quantities);
    }

    /** @return array{lines: list<array{line: CartLine, row: stdClass, choice: string}>, totals: CartTotals} */
    public function read(DateTimeImmutable $now): array
    {
        $quantities = $this->quantities();
        $rows = $quantities === [] ? [] : CartRows::lines($quantities);
        $byId = array_column($rows, null, 'id');
        $lines = [];
        foreach ($quantities as $id => $quantity) {
            $row = $byId[$id] ?? null;
            if ($row instanceof stdClass) {
                $lines[] = [
                    'line' => new CartLine($id, $quantity, Price::of($this->variant($row), $now)),
                    'row' => $row,
                    'choice' => (string) $row->choice,
                ];
            }
        }

        return ['lines' => $lines, 'totals' => CartTotals::of(array_column($lines, 'line'))];
    }

    private function variant(stdClass $row): Variant
    {
        return ProductReader::variant($row);
    }
}
