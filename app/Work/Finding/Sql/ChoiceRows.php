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
    /** A query for the numbers of the selected pages. */
    private string $selected;

    public function __construct(int $selection, int $side)
    {
        $this->selected = "select page_id from selected_pages where selection_id = $selection and side = $side";
    }

    public function shown(): PageSet
    {
        return PageSet::of(Database::numbers('select id from products where published = 1'));
    }

    public function selected(): PageSet
    {
        return PageSet::of(Database::numbers('select id from products where published = 1 and id in '
            ."($this->selected)"));
    }

    /** @return array<int, PageSet> */
    public function brands(): array
    {
        return self::sets('select brand_id as value, json_group_array(id) as pages from products where brand_id is not '
            .'null group by brand_id');
    }

    /** @return array<int, PageSet> by a column of a table that ties something to products */
    public function linked(string $table, string $column): array
    {
        return self::sets("select $column as value, json_group_array(product_id) as pages from $table group by "
            ."$column");
    }

    /** The products that offer an option. */
    public function offering(int $option): PageSet
    {
        return PageSet::of(Database::numbers(
            'select distinct v.product_id from variant_values x join variants v on v.id = x.variant_id where '
                ."v.published = 1 and x.option_id = $option",
        ));
    }

    /** @return array<int, PageSet> by value of an option, of those that a selected product has */
    public function optionValues(int $option): array
    {
        return self::sets(
            'select x.option_value_id as value, json_group_array(v.product_id) as pages from variant_values x join '
                ."variants v on v.id = x.variant_id where v.published = 1 and x.option_id = $option and "
                .'x.option_value_id in (select y.option_value_id from variants z join variant_values y on '
                ."y.variant_id = z.id where z.product_id in ($this->selected)) group by x.option_value_id",
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
     * @return array<int, array{int, int, int|null, int|null}> products, kinds of values, the least, the greatest; by
     *     fact
     */
    public function facts(): array
    {
        $facts = [];
        foreach (Database::rows(
            'select fact_id, count(distinct product_id) as products, count(distinct folded) as kinds, min(number) as '
                ."least, max(number) as most from fact_values where product_id in ($this->selected) group by fact_id",
        ) as $row) {
            $facts[(int) $row->fact_id] = [
                (int) $row->products, (int) $row->kinds,
                $row->least === null ? null : (int) $row->least, $row->most === null ? null : (int) $row->most,
            ];
        }

        return $facts;
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

    /**
     * What is counted of the variants of each product is written down, in one walk over their index. A product without
     * variants is not there.
     *
     * @param  PageSet|null  $among  only of these; null: of all
     */
    public function count(string $moment, ?PageSet $among): void
    {
        $these = $among === null ? '' : ' and v.product_id in ('.implode(',', $among->pages()).')';
        Database::run('drop table if exists counted');
        Database::run(
            'create temp table counted (id integer primary key, price integer, sale integer, stock integer, supply '
                .'integer)',
        );
        Database::run(
            'insert into counted select v.product_id, min(v.price), 0, case when count(*) = count(v.stock) then '
                .'sum(max(v.stock, 0)) end, max('.SellingSql::IN_STOCK.') from variants v where v.published = 1'
                    ."$these group by v.product_id",
        );
        // Few are on sale.
        Database::run(
            'update counted set sale = 1, price = (select min('.SellingSql::price($moment).') from variants v where '
                .'v.product_id = counted.id and v.published = 1) where id in (select v.product_id from variants v '
                    .'where v.published = 1 and '.SellingSql::onSale($moment)."$these)",
        );
    }

    /** Products of which nothing is counted: they have no variants that customers see. */
    public function uncounted(): PageSet
    {
        return PageSet::of(Database::numbers(
            'select id from products where published = 1 and id not in (select id from counted)',
        ));
    }

    /** @return array{int|null, int|null, int} the least and the greatest that is selected, and how many have one */
    public function ends(string $table, string $column): array
    {
        $row = Database::one(
            "select min($column) as least, max($column) as most, count($column) as priced from ($this->selected) x "
                ."join $table p on p.id = x.page_id",
        );

        return [
            $row->least === null ? null : (int) $row->least, $row->most === null ? null : (int) $row->most,
            (int) $row->priced,
        ];
    }

    /** @return array{int, int} the least and the greatest of all products */
    public function bounds(string $table, string $column): array
    {
        $row = Database::one("select min($column) as least, max($column) as most from $table");

        return [(int) $row->least, (int) $row->most];
    }

    /**
     * Of a table of all products, those that a test is true for; the smaller side is asked for.
     *
     * @param  string  $test  SQL
     * @param  PageSet  $every  all that are in the table
     */
    public function holding(string $table, string $test, PageSet $every): PageSet
    {
        $row = Database::one("select count(*) as every, count(*) filter (where $test) as some from $table");
        $isMost = $row->some * 2 > $row->every;
        $side = $isMost ? "coalesce(not ($test), 1)" : $test;
        $set = self::set((string) Database::value("select json_group_array(id) from $table where $side"));

        return $isMost ? $every->without($set) : $set;
    }

    /**
     * How many of the selected products offer each option, and how many values of it they have together.
     *
     * @return array<int, array{int, int}>
     */
    public function offered(): array
    {
        $offered = [];
        foreach (Database::rows(
            'select x.option_id, count(distinct v.product_id) as products, count(distinct x.option_value_id) as kinds '
                .'from variants v join variant_values x on x.variant_id = v.id where v.published = 1 and '
                    .'v.product_id in '
                ."($this->selected) group by x.option_id",
        ) as $row) {
            $offered[(int) $row->option_id] = [(int) $row->products, (int) $row->kinds];
        }

        return $offered;
    }

    private static function set(string $json): PageSet
    {
        /** @var list<int> $pages */
        $pages = json_decode($json, true);

        return PageSet::of($pages);
    }

    /** @return array<array-key, PageSet> */
    private static function sets(string $query): array
    {
        $sets = [];
        foreach (Database::each($query) as $row) {
            $sets[$row->value] = self::set((string) $row->pages);
        }

        return $sets;
    }
}
