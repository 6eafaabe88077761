<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use stdClass;
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

/** Reads whole products: five queries each, however large the catalogue is. */
final readonly class ProductReader
{
    public function bySlug(string $slug): ?Product
    {
        return $this->read('products.slug = ?', $slug);
    }

    public function byId(int $id): ?Product
    {
        return $this->read('products.id = ?', $id);
    }

    private function read(string $where, string|int $value): ?Product
    {
        $row = DB::selectOne(
            'select products.*, brands.name as brand_name, brands.slug as brand_slug from products'
            ." left join brands on brands.id = products.brand_id where $where",
            [$value],
        );

        return $row instanceof stdClass ? $this->product($row) : null;
    }

    private function product(stdClass $row): Product
    {
        $member = $this->memberships($row->id);
        [$options, $values] = $this->options($row->id);

        return new Product(
            id: $row->id,
            slug: $row->slug,
            title: $row->title,
            shortDescription: $row->short_description,
            description: $row->description,
            published: (bool) $row->published,
            brand: $row->brand_id === null ? null : new Brand($row->brand_id, $row->brand_name, $row->brand_slug),
            mainCategoryId: $row->main_category_id,
            categoryIds: array_column($member['category'] ?? [], 'id'),
            collectionIds: array_column($member['collection'] ?? [], 'id'),
            tags: array_column($member['tag'] ?? [], 'name', 'id'),
            options: $options,
            variants: $this->variants($row->id, $values),
            pictures: $this->pictures($row->id),
            reviewCount: $row->review_count,
            starSum: $row->star_sum,
            facts: self::facts($member['fact'] ?? []),
            addedAt: self::instant($row->added_at),
            collectionNames: array_column($member['collection'] ?? [], 'name'),
            ownSearchTitle: $row->search_title,
            ownSearchDescription: $row->search_description,
        );
    }

    /** @return array<string, list<stdClass>> by what it is a member of; facts with their values */
    private function memberships(int $productId): array
    {
        $rows = DB::select(
            "select 'category' as what, category_id as id, '' as name, '' as kind, '' as unit, 0 as decimals, '' as written from category_product where product_id = ?1"
            ." union all select 'collection', c.id, c.name, '', '', 0, '' from collection_product cp join collections c on c.id = cp.collection_id where cp.product_id = ?1"
            ." union all select 'tag', tags.id, tags.name, '', '', 0, '' from product_tag join tags on tags.id = tag_id where product_id = ?1"
            ." union all select 'fact', f.id, f.name, f.kind, f.unit, f.decimals, v.written from (select * from fact_values where product_id = ?1 order by position) v"
            .' join facts f on f.id = v.fact_id order by 2',
            [$productId],
        );
        $member = [];
        foreach ($rows as $row) {
            $member[$row->what][] = $row;
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

    /** @return array{list<Option>, array<int, array<int, int>>} the options, and by variant option id => value id */
    private function options(int $productId): array
    {
        $rows = DB::select(
            'select x.variant_id, options.id, options.name, v.id as value_id, v.label, v.swatch from variants'
            .' join variant_values x on x.variant_id = variants.id join options on options.id = x.option_id'
            .' join option_values v on v.id = x.option_value_id where variants.product_id = ? and variants.published = 1'
            .' order by options.position, options.id, v.position, v.id',
            [$productId],
        );
        $names = $options = $values = [];
        foreach ($rows as $row) {
            $names[$row->id] = $row->name;
            $options[$row->id][$row->value_id] = new OptionValue($row->value_id, $row->label, $row->swatch);
            $values[$row->variant_id][$row->id] = $row->value_id;
        }

        return [array_map(
            static fn (int $id, string $name): Option => new Option($id, $name, array_values($options[$id])),
            array_keys($names),
            array_values($names),
        ), $values];
    }

    /**
     * @param  array<int, array<int, int>>  $values  by variant
     * @return list<Variant>
     */
    private function variants(int $productId, array $values): array
    {
        return array_values(array_map(
            static fn (stdClass $row): Variant => self::variant($row, $values[$row->id] ?? []),
            DB::select(
                'select * from variants where product_id = ? and published = 1 order by position, id',
                [$productId],
            ),
        ));
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

    /** @return list<Picture> */
    private function pictures(int $productId): array
    {
        return array_values(array_map(self::picture(...), DB::select(
            'select pictures.* from product_pictures join pictures on pictures.id = picture_id'
            .' where product_id = ? order by position',
            [$productId],
        )));
    }

    public static function picture(stdClass $row): Picture
    {
        return new Picture($row->id, $row->file, $row->width, $row->height, $row->alt, $row->focus_x, $row->focus_y, $row->original !== null && $row->state === 'ready');
    }

    private static function instant(?string $stored): ?DateTimeImmutable
    {
        return $stored === null ? null : new DateTimeImmutable($stored, new DateTimeZone('UTC'));
    }
}
