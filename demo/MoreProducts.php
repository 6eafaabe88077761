<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\NameOrder;

/** Generated products beside the invented ones, to see how the shop stands up to a large catalogue. */
final class MoreProducts
{
    private const AT_ONCE = 500;

    public static function fillUpTo(int $number, int $seed = 1): void
    {
        DB::transaction(static function () use ($number, $seed): void {
            $last = (int) DB::table('products')->max('id');
            $quiet = QuietTables::hush();
            $variant = (int) DB::table('variants')->max('id');
            $inventor = self::inventor($seed);
            $order = new NameOrder(config()->string('vestibra.locale'));
            $today = now()->startOfDay()->getTimestamp();
            for ($first = $last + 1; $first <= $number; $first += self::AT_ONCE) {
                $rows = [];
                for ($id = $first; $id < min($first + self::AT_ONCE, $number + 1); $id++) {
                    $made = $inventor->product($id);
                    $addedAt = date('Y-m-d H:i:s', $today - $made->daysAgo * 86_400);
                    self::product($rows, $id, $made, $addedAt, $order);
                    $variant = self::variants($rows, $id, $made, $variant);
                }
                foreach ($rows as $table => $several) {
                    self::insert($table, $several);
                }
            }
            ProductIndex::words('p.id > ?', $last);
            $quiet->speakAgain($last);
        });
    }

    /** @param  array<string, non-empty-list<array<string, int|string|float|null>>>  $rows  by table */
    private static function product(array &$rows, int $id, Invention $made, string $addedAt, NameOrder $order): void
    {
        $rows['products'][] = [
            'id' => $id, 'slug' => Str::slug($made->title)."-$id", 'title' => $made->title,
            'title_folded' => Folding::fold($made->title), 'title_order' => $order->key($made->title),
            'short_description' => $made->short, 'description' => $made->description,
            'published' => (int) $made->published, 'brand_id' => $made->brand,
            'main_category_id' => $made->categories[0],
            'added_at' => $addedAt,
            'review_count' => $made->reviews, 'star_sum' => $made->stars,
            'picture_count' => count($made->pictures),
            'described' => (int) FactValue::holdsSomething($made->description),
            'variant_count' => count(
                array_filter($made->variants, static fn (array $one): bool => $one['published']),
            ),
            'price_low' => min(array_column($made->variants, 'price')),
        ];
        foreach ($made->categories as $category) {
            $rows['category_product'][] = ['product_id' => $id, 'category_id' => $category];
        }
        foreach ($made->tags as $tag) {
            $rows['product_tag'][] = ['product_id' => $id, 'tag_id' => $tag];
        }
        foreach ($made->facts as $fact) {
            $rows['fact_values'][] = [
                'product_id' => $id,
                'fact_id' => $fact['fact'],
                'position' => $fact['position'],
                'written' => $fact['written'],
                'folded' => $fact['folded'],
                'number' => $fact['number'],
            ];
        }
        foreach ($made->pictures as $position => $picture) {
            $rows['product_pictures'][] =
                ['product_id' => $id, 'picture_id' => $picture, 'position' => $position];
        }
        foreach (array_unique(Folding::words($made->title)) as $word) {
            $rows['title_words'][] = ['word' => $word, 'product_id' => $id];
        }
    }

    /**
     * @param  array<string, non-empty-list<array<string, int|string|float|null>>>  $rows  by table
     * @return int the number of the last variant
     */
    private static function variants(array &$rows, int $id, Invention $made, int $variant): int
    {
        foreach ($made->variants as $position => $one) {
            $variant++;
            $rows['variants'][] = [
                'id' => $variant,
                'product_id' => $id,
                'sku' => sprintf('GN-%06d-%02d', $id, $position + 1),
                'price' => $one['price'],
                'sale_price' => $one['sale'],
                'stock' => $one['stock'],
                'published' => (int) $one['published'],
                'position' => $position,
            ];
            foreach ($one['values'] as $option => $value) {
                $rows['variant_values'][] =
                    ['variant_id' => $variant, 'option_id' => $option, 'option_value_id' => $value];
            }
        }

        return $variant;
    }

    private static function inventor(int $seed): Inventor
    {
        $ids = static fn (string $table): array =>
            array_values(array_map(intval(...), DB::table($table)->orderBy('id')->pluck('id')->all()));
        $values = [];
        foreach (DB::table('option_values')->orderBy('position')->orderBy('id')->get(['id', 'option_id']) as $value) {
            $values[(int) $value->option_id][] = (int) $value->id;
        }
        $options = array_filter($values, static fn (array $several): bool => count($several) > 1);
        $categories = $ids('categories');

        return new Inventor(
            $seed,
            $ids('brands'),
            $categories === [] ? [1] : $categories,
            $ids('tags'),
            array_values(array_map(
                static fn (object $fact): array => [
                    'id' => (int) $fact->id,
                    'kind' => (string) $fact->kind,
                    'decimals' => (int) $fact->decimals,
                    'choices' => array_values(
                        array_filter((array) json_decode((string) $fact->choices), is_string(...)),
                    ),
                ],
                DB::table('facts')->orderBy('id')->get()->all(),
            )),
            array_map(
                static fn (int $option): array => ['id' => $option, 'values' => $options[$option]],
                array_keys($options),
            ),
            $ids('pictures'),
        );
    }

    /** @param  non-empty-list<array<string, mixed>>  $rows */
    private static function insert(string $table, array $rows): void
    {
        $columns = array_keys($rows[0]);
        $statement = DB::connection()->getPdo()->prepare(
            "insert into $table (".implode(', ', $columns).') values ('
                .implode(', ', array_fill(0, count($columns), '?')).')',
        );
        foreach ($rows as $row) {
            $statement->execute(array_values($row));
        }
    }
}
