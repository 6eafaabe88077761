<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters\Sql;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\App\Records\Models\Catalogue\Fact;
use Vestibra\App\Records\Models\Shop\FilterWord;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Selling\Filters\FilterRow;

/** What filters look at of products, out of the catalogue: a fixed number of queries, whatever their number. */
final readonly class FilterRows
{
    /** Of ratings: so many stars and more. */
    private const STARS = [1, 2, 3, 4];

    private const ON = 1;

    private const OFF = 2;

    private const WORDS = [FactKind::Choice->value, FactKind::Several->value, FactKind::Text->value];

    private const NUMBERS = [FactKind::Number->value, FactKind::Date->value];

    public function __construct(private ShopClock $clock)
    {
    }

    /** Whether a filter is about a number rather than values. */
    public static function isRange(string $filter): bool
    {
        return $filter === 'price' || str_starts_with($filter, 'number.');
    }

    /**
     * Published products, with the categories that they are filed in (those above are worked out when they are read),
     * and their published variants. Texts are numbers of `filter_words`; new ones are written there.
     *
     * @param  string  $which  SQL, a condition on the id of a product, as `between 1 and 4096`
     * @return list<FilterRow>
     */
    public function of(string $which): array
    {
        $facts = $this->facts($which);
        $filed = self::filed($which);
        $variants = $this->variants($which);
        $rows = [];
        foreach (Database::rows(
            "select id, brand_id, review_count, star_sum from products where id $which and published = 1",
        ) as $row) {
            $stars = array_values(array_filter(self::STARS, static fn (int $stars): bool => $row->review_count > 0
                && $row->star_sum >= $stars * $row->review_count));
            $rows[] = new FilterRow(
                $row->id,
                ($row->brand_id === null ? [] : ['brand' => [$row->brand_id]])
                    + ($stars === [] ? [] : ['rating' => $stars])
                    + ($filed[$row->id] ?? [])
                    + ($facts[$row->id] ?? []),
                array_values($variants[$row->id] ?? []),
            );
        }

        return $rows;
    }

    /** @return array<int, array<string, list<int>>> product => its categories and tags */
    private static function filed(string $which): array
    {
        $filed = [];
        foreach (['category' => 'category_product', 'tag' => 'product_tag'] as $filter => $table) {
            foreach (Database::rows(
                "select product_id, {$filter}_id as id from $table where product_id $which",
            ) as $row) {
                $filed[$row->product_id][$filter][] = $row->id;
            }
        }

        return $filed;
    }

    /** @return array<int, array<int, array<string, list<int>>>> product => variant => what it has */
    private function variants(string $which): array
    {
        $now = SellingSql::moment($this->clock->now());
        $variants = [];
        foreach (Database::rows(
            'select v.id, v.product_id, '.SellingSql::price($now).' as price, '.SellingSql::onSale($now).' as sale, '
                .SellingSql::IN_STOCK
                ." as stock from variants v where v.product_id $which and v.published = 1 order by "
                .'v.product_id, v.position, v.id',
        ) as $row) {
            $variants[$row->product_id][$row->id] = [
                'price' => [$row->price],
                'sale' => [$row->sale ? self::ON : self::OFF],
                'stock' => [$row->stock ? self::ON : self::OFF],
            ];
        }
        foreach (Database::rows(
            'select v.product_id, v.id, x.option_id, x.option_value_id from variants v join variant_values x on '
                ."x.variant_id = v.id where v.product_id $which and v.published = 1",
        ) as $row) {
            $variants[$row->product_id][$row->id]["option.$row->option_id"] = [$row->option_value_id];
        }

        return $variants;
    }

    /** @return array<int, array<string, list<int>>> product => its facts, as far as they are filters */
    private function facts(string $which): array
    {
        $kinds = Fact::query()->toBase()->whereIn('kind', [...self::WORDS, ...self::NUMBERS, FactKind::YesNo->value])
            ->pluck('kind', 'id')
            ->all();
        $found = Database::rows(
            "select product_id, fact_id, written, folded, number from fact_values where product_id $which order by "
                .'product_id, fact_id, position',
        );
        $words = $this->words(array_filter(
            $found,
            static fn (object $row): bool => in_array($kinds[$row->fact_id ?? 0] ?? null, self::WORDS, true),
        ));
        $values = [];
        foreach ($found as $row) {
            $kind = $kinds[$row->fact_id] ?? null;
            $word = $words[$row->fact_id][(string) $row->folded] ?? null;
            if (in_array($kind, self::WORDS, true) && $word !== null) {
                $values[$row->product_id]["fact.$row->fact_id"][] = $word;
            } elseif ($kind === FactKind::YesNo->value) {
                $values[$row->product_id]["yes.$row->fact_id"] = [$row->folded === 'yes' ? self::ON : self::OFF];
            } elseif ($kind !== null && $row->number !== null) {
                $values[$row->product_id]["number.$row->fact_id"] = [$row->number];
            }
        }

        return $values;
    }

    /**
     * @param  array<int, object>  $found
     * @return array<int, array<string, int>> fact => folded => number
     */
    private function words(array $found): array
    {
        $known = $new = [];
        foreach (Database::rows('select id, fact_id, folded from filter_words') as $row) {
            $known[$row->fact_id][$row->folded] = $row->id;
        }
        foreach ($found as $row) {
            [$fact, $folded] = [(int) ($row->fact_id ?? 0), (string) ($row->folded ?? '')];
            if ($folded !== '' && ! isset($known[$fact][$folded])) {
                $new[$fact][$folded] ??= ['fact_id' => $fact, 'folded' => $folded, 'written' => $row->written ?? ''];
            }
        }
        if ($new === []) {
            return $known;
        }
        foreach (array_chunk(array_merge(...array_map(array_values(...), array_values($new))), 200) as $some) {
            FilterWord::query()->toBase()->insertOrIgnore($some);
        }

        return $this->words([]);
    }
}
