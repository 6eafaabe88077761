<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\Bench\Chance;

/**
 * Six rules with the SQL that somebody would write by hand for each: for all of them at once, and for the first 24 in
 * the order of their titles, where each product is asked by itself and the database stops at the last that is wanted.
 *
 * @phpstan-type Rule array{name: string, awkward: bool, reach: array<string, mixed>, all: string, first: string}
 */
final readonly class ReachByHand
{
    private string $sale;

    public function __construct(
        private Chance $chance,
        DateTimeImmutable $now,
    ) {
        $at = $now->format('Y-m-d H:i:s');
        $this->sale = '(v.sale_price is not null and v.sale_price < v.price and (v.sale_from is null or v.sale_from <= '
            ."'$at') and (v.sale_until is null or v.sale_until > '$at'))";
    }

    /** @return list<Rule> `all` and `first` are conditions on a product called p */
    public function rules(): array
    {
        return [...$this->common(), $this->numbers(), $this->words(), $this->either()];
    }

    /** @return list<Rule> */
    private function common(): array
    {
        $category = (int) DB::table('categories')->where('name', 'Inks')->value('id');
        [$lower, $upper] = array_values(
            (array) DB::selectOne('select lower, upper from categories where id = ?', [$category]),
        );
        [$brand, $other] = $this->chance->some(2, 5);
        $tag = $this->chance->some(2, 5)[0];
        $in = 'p.id in (select product_id from category_product where category_id in (select id from categories where '
            ."lower between $lower and $upper))";
        $beneath = implode(',', array_column(
            DB::select('select id from categories where lower between ? and ?', [$lower, $upper]),
            'id',
        ));
        $filed = 'exists (select 1 from category_product c where c.product_id = p.id and c.category_id in '
            ."($beneath))";
        $tagged = "exists (select 1 from product_tag t where t.product_id = p.id and t.tag_id = $tag)";

        return [
            self::rule('a category', false, [[self::is('category', 'isIn', $category)]], $in, $filed),
            self::rule(
                'a brand and a tag',
                false,
                [[self::is('brand', 'isOneOf', $brand), self::is('tag', 'hasAnyOf', $tag)]],
                "p.brand_id = $brand and p.id in (select product_id from product_tag where tag_id = $tag)",
                "p.brand_id = $brand and $tagged",
            ),
            self::rule(
                'a category, not a brand',
                false,
                [[self::is('category', 'isIn', $category)]],
                "$in and not coalesce(p.brand_id = $other, 0)",
                "$filed and not coalesce(p.brand_id = $other, 0)",
                [[self::is('brand', 'isOneOf', $other)]],
            ),
        ];
    }

    /** @return Rule */
    private function numbers(): array
    {
        $price = $this->chance->number(20, 40) * 100;
        $least = "min(case when $this->sale then v.sale_price else v.price end)";
        $few = 'count(*) = count(v.stock) and sum(max(v.stock, 0)) <= 5';

        return self::rule(
            'price between, little stock',
            true,
            [[self::is('price', 'between', $price, $price + 2000), self::is('stock', 'atMost', 5)]],
            'p.id in (select v.product_id from variants v where v.published = 1 group by v.product_id having '
                ."$least between $price and $price + 2000 and $few)",
            'exists (select 1 from variants v where v.product_id = p.id and v.published = 1 group by '
                ."v.product_id having $least between $price and $price + 2000 and $few)",
        );
    }

    /** @return Rule */
    private function words(): array
    {
        $fact = (int) DB::table('facts')->where('name', 'Drying time')->value('id');
        $titled = "p.id in (select product_id from title_words where word >= '7' and word < '8') and p.id in "
            ."(select product_id from title_words where word >= 'sample' and word < 'samplf')";

        return self::rule(
            'words of the title and a fact',
            true,
            [[self::is('title', 'contains', 'sample 7'), ['of' => $fact] + self::is('fact', 'atLeast', 20)]],
            "$titled and p.id in (select product_id from fact_values where fact_id = $fact and number >= 20)",
            "$titled and exists (select 1 from fact_values f where f.product_id = p.id and f.fact_id = $fact and "
                .'f.number >= 20)',
        );
    }

    /** @return Rule */
    private function either(): array
    {
        [$tag, $second] = $this->chance->some(2, 5);
        $has = static fn (int $one): string => "p.id in (select product_id from product_tag where tag_id = $one)";
        $asked = static fn (int $one): string =>
            "exists (select 1 from product_tag t where t.product_id = p.id and t.tag_id = $one)";
        $cheaper = "from variants v where v.published = 1 and $this->sale";

        return self::rule(
            'on sale or two tags, some kept off',
            true,
            [[self::is('sale', 'isOn')], [self::is('tag', 'hasAllOf', $tag, $second)]],
            "(p.id in (select v.product_id $cheaper) or ({$has($tag)} and {$has($second)})) and p.review_count > 0",
            "p.review_count > 0 and (exists (select 1 $cheaper and v.product_id = p.id) "
                ."or ({$asked($tag)} and {$asked($second)}))",
            [[self::is('rating', 'hasNone')]],
        );
    }

    /** @return array{field: string, comparison: string, values: array<int|string>} */
    private static function is(string $field, string $comparison, int|string ...$values): array
    {
        return ['field' => $field, 'comparison' => $comparison, 'values' => $values];
    }

    /**
     * @param  list<list<array<string, mixed>>>  $show
     * @param  list<list<array<string, mixed>>>  $keepOff
     * @return Rule
     */
    private static function rule(
        string $name,
        bool $awkward,
        array $show,
        string $all,
        string $first,
        array $keepOff = [],
    ): array {
        $reach = ['show' => $show] + ($keepOff === [] ? [] : ['keepOff' => $keepOff]);

        return ['name' => $name, 'awkward' => $awkward, 'reach' => $reach, 'all' => $all, 'first' => $first];
    }
}
