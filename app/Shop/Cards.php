<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\Core\Catalogue\PriceChanges;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\PriceRange;

/**
 * Products as cards of the fixed listing pages: two queries for any number of them.
 *
 * @phpstan-type Card array{title: string, address: string, brand: string|null, pictures: list<object>, now: string|null,
 *     from: bool, was: string|null, saving: int, inStock: bool, until: int|null, reviews: int, stars: int}
 */
final readonly class Cards
{
    public function __construct(private ShopSettings $settings)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return list<Card> in the order asked for
     */
    public function of(array $ids, DateTimeImmutable $now): array
    {
        if ($ids === []) {
            return [];
        }
        $list = implode(',', $ids);
        $variants = $pictures = $cards = [];
        foreach (DB::select("select pp.product_id, pictures.* from product_pictures pp join pictures on pictures.id = pp.picture_id where pp.product_id in ($list) and pp.position < 2 order by pp.position") as $row) {
            $pictures[$row->product_id][] = $row;
        }
        $products = [];
        foreach (DB::select(
            'select p.id as of_product, p.title, p.slug, p.review_count, p.star_sum, b.name as brand_name, v.* from products p left join brands b on b.id = p.brand_id'
            ." left join variants v on v.product_id = p.id and v.published = 1 where p.id in ($list) order by p.id, v.position, v.id",
        ) as $row) {
            $products[$row->of_product] ??= $row;
            if ($row->id !== null) {
                $variants[$row->of_product][] = ProductReader::variant($row);
            }
        }
        foreach ($products as $id => $row) {
            $cards[$id] = [
                'title' => $row->title,
                'address' => '/p/'.rawurlencode($row->slug),
                'brand' => $row->brand_name,
                'pictures' => $pictures[$id] ?? [],
                'reviews' => $row->review_count,
                'stars' => $row->review_count === 0 ? 0 : intdiv($row->star_sum * 20, $row->review_count),
            ] + $this->price($variants[$id] ?? [], $now);
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $cards[$id] ?? null, $ids)));
    }

    /**
     * @param  list<Variant>  $variants
     * @return array{now: string|null, from: bool, was: string|null, saving: int, inStock: bool, until: int|null}
     */
    private function price(array $variants, DateTimeImmutable $now): array
    {
        $range = PriceRange::of($variants, $now);
        $lowest = $range?->lowest;
        $reduced = $lowest !== null && $lowest->isReduced();

        return [
            'now' => $lowest === null ? null : $this->settings->format()->format($lowest->now),
            'from' => $range !== null && ! $range->isOnePrice(),
            'was' => $reduced ? $this->settings->format()->format($lowest->regular) : null,
            'saving' => $reduced ? $lowest->savingPercent() : 0,
            'inStock' => array_filter($variants, static fn (Variant $variant): bool => $variant->isInStock()) !== [],
            'until' => PriceChanges::after($variants, $now),
        ];
    }
}
