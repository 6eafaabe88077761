<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use DateTimeImmutable;
use DateTimeZone;
use stdClass;
use Vestibra\App\Records\Catalogue\Sql\ProductParts;
use Vestibra\Core\Catalogue\Brand;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;

/** Reads whole products: five queries for one or for many, however large the catalogue is. */
final readonly class ProductReader
{
    public function bySlug(string $slug): ?Product
    {
        return $this->products(ProductParts::bySlug($slug))[0] ?? null;
    }

    public function byId(int $id): ?Product
    {
        return $this->several([$id])[0] ?? null;
    }

    /**
     * @param  list<int>  $ids
     * @return list<Product> those that there are, in the order asked for
     */
    public function several(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $rows = array_column(ProductParts::several($ids), null, 'id');

        return $this->products(
            array_values(array_filter(array_map(static fn (int $id): ?stdClass => $rows[$id] ?? null, $ids))),
        );
    }

    /**
     * @param  array<stdClass>  $rows
     * @return list<Product>
     */
    private function products(array $rows): array
    {
        if ($rows === []) {
            return [];
        }
        $ids = implode(',', array_column($rows, 'id'));
        $member = $this->memberships($ids);
        [$options, $values] = $this->options($ids);
        $variants = $this->variants($ids, $values);
        $pictures = $this->pictures($ids);

        return array_values(array_map(static fn (stdClass $row): Product => new Product(
            id: $row->id,
            slug: $row->slug,
            title: $row->title,
            shortDescription: $row->short_description,
            description: $row->description,
            published: (bool) $row->published,
            brand: $row->brand_id === null ? null : new Brand($row->brand_id, $row->brand_name, $row->brand_slug),
            mainCategoryId: $row->main_category_id,
            categoryIds: array_column($member[$row->id]['category'] ?? [], 'id'),
            collectionIds: array_column($member[$row->id]['collection'] ?? [], 'id'),
            tags: array_column($member[$row->id]['tag'] ?? [], 'name', 'id'),
            options: $options[$row->id] ?? [],
            variants: $variants[$row->id] ?? [],
            pictures: $pictures[$row->id] ?? [],
            reviewCount: $row->review_count,
            starSum: $row->star_sum,
            facts: self::facts($member[$row->id]['fact'] ?? []),
            addedAt: self::instant($row->added_at),
            collectionNames: array_column($member[$row->id]['collection'] ?? [], 'name'),
            ownSearchTitle: $row->search_title,
            ownSearchDescription: $row->search_description,
        ), $rows));
    }

    /**
     * @return array<int, array<string, list<stdClass>>> by product, and by what it is a member of; facts with their
     *     values
     */
    private function memberships(string $ids): array
    {
        $rows = ProductParts::memberships($ids);
        $member = [];
        foreach ($rows as $row) {
            $member[$row->product_id][$row->what][] = $row;
        }

        return $member;
    }

    /**
     * @param  list<stdClass>  $rows
     * @return list<FactValue>
     */
    private static function facts(array $rows): array
    {
        $facts = $written = [];
        foreach ($rows as $row) {
            $facts[$row->id] ??= new Fact($row->id, $row->name, FactKind::from($row->kind), $row->unit, $row->decimals);
            $written[$row->id][] = $row->written;
        }

        return array_values(array_filter(array_map(
            static fn (Fact $fact): ?FactValue => FactValue::of($fact, $written[$fact->id]),
            $facts,
        )));
    }

    /**
     * @return array{array<int, list<Option>>, array<int, array<int, int>>} the options by product, and by variant
     *     option id => value id
     */
    private function options(string $ids): array
    {
        $rows = ProductParts::options($ids);
        $names = $found = $values = [];
        foreach ($rows as $row) {
            $names[$row->id] = $row->name;
            $found[$row->product_id][$row->id][$row->value_id] ??=
                new OptionValue($row->value_id, $row->label, $row->swatch);
            $values[$row->variant_id][$row->id] = $row->value_id;
        }
        $options = [];
        foreach ($found as $product => $ofProduct) {
            foreach ($ofProduct as $id => $its) {
                $options[$product][] = new Option($id, $names[$id], array_values($its));
            }
        }

        return [$options, $values];
    }

    /**
     * @param  array<int, array<int, int>>  $values  by variant
     * @return array<int, list<Variant>> by product
     */
    private function variants(string $ids, array $values): array
    {
        $variants = [];
        foreach (ProductParts::variants($ids) as $row) {
            $variants[$row->product_id][] = self::variant($row, $values[$row->id] ?? []);
        }

        return $variants;
    }

    /** @param  array<int, int>  $values option id => value id */
    public static function variant(stdClass $row, array $values = []): Variant
    {
        return new Variant(
            $row->id,
            $row->sku,
            $values,
            $row->price,
            $row->sale_price,
            self::instant($row->sale_from),
            self::instant($row->sale_until),
            $row->stock,
            $row->picture_id,
            $row->barcode,
            Contents::stored($row->contents),
        );
    }

    /** @return array<int, list<Picture>> by product */
    private function pictures(string $ids): array
    {
        $pictures = [];
        foreach (ProductParts::pictures($ids) as $row) {
            $pictures[$row->product_id][] = self::picture($row);
        }

        return $pictures;
    }

    public static function picture(stdClass $row): Picture
    {
        return new Picture(
            $row->id,
            $row->file,
            $row->width,
            $row->height,
            $row->alt,
            $row->focus_x,
            $row->focus_y,
            (bool) $row->avif,
            $row->made,
        );
    }

    private static function instant(?string $stored): ?DateTimeImmutable
    {
        return $stored === null ? null : new DateTimeImmutable($stored, new DateTimeZone('UTC'));
    }
}
