<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\Core\Reach\Short\PageSet;

/**
 * What products that customers see have, as sets of their numbers by value: one query for each field, in step with how
 * many products have something of it. A selection stands in it as the query for its pages.
 */
final readonly class ChoiceRows
{
    /** @param  string  $selected  a query for the numbers of the selected pages */
    public function __construct(private string $selected)
    {
    }

    public function shown(): PageSet
    {
        return PageSet::of(Database::numbers('select id from products where published = 1'));
    }

    public function selected(): PageSet
    {
        return PageSet::of(Database::numbers("select id from products where published = 1 and id in ($this->selected)"));
    }

    /** @return array<int, PageSet> */
    public function brands(): array
    {
        return self::sets('select brand_id as value, json_group_array(id) as pages from products where published = 1 and '
            .'brand_id is not null group by brand_id');
    }

    /** @return array<int, PageSet> by a column of a table that ties something to products */
    public function linked(string $table, string $column): array
    {
        return self::sets("select $column as value, json_group_array(product_id) as pages from $table group by $column");
    }

    /**
     * Of those that a selected product has.
     *
     * @return array<int, PageSet>
     */
    public function options(string $column): array
    {
        return self::sets(
            "select x.$column as value, json_group_array(distinct v.product_id) as pages from variant_values x join "
                ."variants v on v.id = x.variant_id where v.published = 1 and x.$column in (select y.$column from "
                ."variant_values y join variants z on z.id = y.variant_id where z.product_id in ($this->selected)) "
                ."group by x.$column",
        );
    }

    /** @return list<array{int, int, int}> id, lower and upper of each category */
    public function tree(): array
    {
        return array_map(
            static fn (stdClass $row): array => [(int) $row->id, (int) $row->lower, (int) $row->upper],
            Database::rows('select id, lower, upper from categories'),
        );
    }

    /**
     * How many values of each fact the selected products have, and within which bounds its numbers lie.
     *
     * @return array<int, object{fact_id: int, products: int, kinds: int, least: int|null, most: int|null}&stdClass>
     */
    public function facts(): array
    {
        /** @var array<int, object{fact_id: int, products: int, kinds: int, least: int|null, most: int|null}&stdClass> */
        return array_column(Database::rows(
            'select fact_id, count(distinct product_id) as products, count(distinct folded) as kinds, min(number) as '
                ."least, max(number) as most from fact_values where product_id in ($this->selected) group by fact_id",
        ), null, 'fact_id');
    }

    /** @return array<string, PageSet> by the value as it is compared, of those that a selected product has */
    public function factValues(int $fact): array
    {
        return self::sets(
            "select folded as value, json_group_array(product_id) as pages from fact_values where fact_id = $fact and "
                ."folded in (select folded from fact_values where fact_id = $fact and product_id in ($this->selected)) "
                .'group by folded',
        );
    }

    /** @return stdClass the bounds within which what is counted of the selected products lies */
    public function bounds(string $moment): stdClass
    {
        return Database::one(
            'select min(price) as price_least, max(price) as price_most, count(*) = count(price) as priced,'
                .' min(reviews) as reviews_least, max(reviews) as reviews_most,'
                .' min(pictures) as pictures_least, max(pictures) as pictures_most, max(stock) as stock_most'
                .' from (select '.SellingSql::lowest($moment).' as price, p.review_count as reviews,'
                .' p.picture_count as pictures, (select case when count(*) = count(v.stock) then'
                .' coalesce(sum(max(v.stock, 0)), 0) end from variants v where v.product_id = p.id and'
                ." v.published = 1) as stock from products p where p.published = 1 and p.id in ($this->selected))",
        );
    }

    /** @return array<array-key, PageSet> */
    private static function sets(string $query): array
    {
        $sets = [];
        foreach (Database::each($query) as $row) {
            /** @var list<int> $pages */
            $pages = json_decode((string) $row->pages, true);
            $sets[$row->value] = PageSet::of($pages);
        }

        return $sets;
    }
}
