<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Numbers;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Numbers\KeepingCounts;
use Vestibra\App\Reach\Numbers\RefreshCounts;
use Vestibra\App\Reach\Pages\AssortmentPages;
use Vestibra\App\Records\Stored\CategoryBounds;
use Vestibra\App\Work\Sheets\Sql\FactRows;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Whatever happens to the catalogue, the numbers of products that are said are those that are there. */
final class KeptCountsTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_after_whatever_happened_the_numbers_are_those_that_are_there(Chance $chance): void
    {
        Queue::fake();
        $keeping = $this->app->make(KeepingCounts::class);
        $keeping->bringUp();
        for ($step = 1; $step <= 30; $step++) {
            $happened = $this->something($chance);
            $chance->oneIn(3) && $this->app->make(KeepingCounts::class)->bringUp();
            $words = "seed $chance->seed, step $step: $happened";

            self::assertSame($this->there(), $this->said(), $words);
            self::assertSame(0, $keeping->wrong(), $words);
        }
        $keeping->bringUp();
        self::assertSame($this->there(), $this->said());
        self::assertSame(
            DB::table('categories')->count() + DB::table('collections')->count() + DB::table('brands')->count()
                + DB::table('tags')->count() + DB::table('facts')->count(),
            DB::table('kept_counts')->count(),
        );
    }

    public function test_what_is_kept_is_said_without_counting_and_what_is_missing_is_counted_in_the_background(): void
    {
        $this->app->make(KeepingCounts::class)->bringUp();
        DB::table('kept_counts')->where('thing', 'category')->update(['products' => 4_321]);
        Queue::fake();
        Cache::flush();
        $this->get('/c/inks')->assertSee('4,321');
        Queue::assertNothingPushed();

        DB::table('kept_counts')->delete();
        $this->anew();
        $this->get('/c/inks')->assertDontSee('4,321');
        $this->get('/c/pens')->assertOk();
        $this->actingAs($this->owner)->get('/studio/facts')->assertOk();
        Queue::assertPushed(RefreshCounts::class, 1);
        (new RefreshCounts)->handle($this->app->make(KeepingCounts::class));
        Cache::flush();
        $this->anew();
        $this->get('/c/pens')->assertOk();
        $this->get('/studio/facts')->assertOk();
        Queue::assertPushed(RefreshCounts::class, 1);
    }

    private function something(Chance $chance): string
    {
        $product = $this->one($chance, 'products');
        $of = DB::table('products')->where('id', $product);
        $link = static fn (string $table, string $column, int $id): bool => $product !== 0 && $id !== 0
            && DB::table($table)->insertOrIgnore([$column => $id, 'product_id' => $product]
                + ($table === 'collection_product' ? ['position' => 9] : [])) > 0;
        $what = $chance->pick([
            'published', 'published', 'brand', 'tag', 'untag', 'category', 'uncategory', 'collection', 'uncollection',
            'fact', 'unfact', 'deleted', 'made', 'moved', 'relinked', 'thing deleted', 'many',
        ]);
        match ($what) {
            'published' => $of->update(['published' => $chance->oneIn(2)]),
            'brand' => $of->update(['brand_id' => $chance->oneIn(3) ? null : $this->one($chance, 'brands')]),
            'tag' => $link('product_tag', 'tag_id', $this->one($chance, 'tags')),
            'untag' => DB::table('product_tag')->where('product_id', $product)->delete(),
            'category' => $link('category_product', 'category_id', $this->one($chance, 'categories')),
            'uncategory' => DB::table('category_product')->where('product_id', $product)->delete(),
            'collection' => $link('collection_product', 'collection_id', $this->one($chance, 'collections')),
            'uncollection' => DB::table('collection_product')->where('product_id', $product)->delete(),
            'fact' => $this->taken('fact_values', $product),
            'unfact' => DB::table('fact_values')->where('product_id', $product)->delete(),
            'deleted' => $of->delete(),
            'made' => $this->copied($product),
            'moved' => $this->moved($chance),
            'relinked' => $this->taken($chance->pick(['product_tag', 'category_product']), $product),
            'thing deleted' => $this->thingDeleted($chance),
            'many' => DB::table('products')->where('id', '<', $product)->update(['published' => $chance->oneIn(2)]),
        };

        return "$what $product";
    }

    /** A product takes over a link of another one. */
    private function taken(string $table, int $product): void
    {
        DB::table($table)->where('product_id', $product)->delete();
        DB::table($table)->limit(1)->update(['product_id' => $product]);
    }

    private function thingDeleted(Chance $chance): void
    {
        [$table, $names] = $chance->pick([
            ['brands', 'products'], ['tags', 'product_tag'], ['collections', 'collection_product'],
        ]);
        $id = $this->one($chance, $table);
        $table === 'brands'
            ? DB::table('products')->where('brand_id', $id)->update(['brand_id' => null])
            : DB::table($names)->where($table === 'tags' ? 'tag_id' : 'collection_id', $id)->delete();
        DB::table($table)->where('id', $id)->delete();
    }

    private function copied(int $product): void
    {
        $row = (array) DB::table('products')->find($product);
        unset($row['id']);
        DB::table('products')->insert(['slug' => 'copy-'.DB::table('products')->max('id')] + $row);
    }

    private function moved(Chance $chance): void
    {
        $category = $chance->pick(DB::table('categories')->whereNotNull('parent_id')->pluck('id')->all());
        $root = $chance->pick(DB::table('categories')->whereNull('parent_id')->pluck('id')->all());
        DB::table('categories')->where('id', $category)->update(['parent_id' => $root]);
        CategoryBounds::refresh();
    }

    private function one(Chance $chance, string $table): int
    {
        $ids = DB::table($table)
            ->when($table === 'collections', static fn ($query) => $query->whereNull('rule'))
            ->pluck('id')
            ->all();

        return $ids === [] ? 0 : (int) $chance->pick($ids);
    }

    /** @return array<string, int> as pages and screens say it */
    private function said(): array
    {
        $said = [];
        foreach (['category', 'collection', 'brand', 'tag'] as $kind) {
            $pages = $this->app->make(PagesOfTheShop::class)->get($kind);
            self::assertInstanceOf(AssortmentPages::class, $pages);
            $ids = DB::table($pages->table())->orderBy('id')->pluck('id')->all();
            foreach ($pages->several($ids) as $one) {
                if (! $this->isByRule($one)) {
                    $said["$kind $one->id"] = $one->products;
                    $alone = $pages->read($one->id);
                    self::assertInstanceOf(Assortment::class, $alone);
                    self::assertSame($one->products, $alone->products);
                }
            }
        }
        foreach (FactRows::all() as $fact) {
            $said["fact $fact->id"] = $fact->filled;
        }

        return $said;
    }

    private function isByRule(Assortment $one): bool
    {
        return $one->kind()->value === 'collection'
            && DB::table('collections')->where('id', $one->id)->whereNotNull('rule')->exists();
    }

    /** @return array<string, int> counted one by one */
    private function there(): array
    {
        $shown = DB::table('products')->where('published', true)->pluck('brand_id', 'id')->all();
        $count = static fn (array $products): int => count(array_intersect_key(array_flip($products), $shown));
        $in = static fn (string $table, string $column, int $id): array =>
            DB::table($table)->where($column, $id)->pluck('product_id')->all();
        $there = [];
        foreach (DB::table('categories')->orderBy('id')->get() as $category) {
            $there["category $category->id"] = $count(array_merge(...array_map(
                static fn (int $id): array => $in('category_product', 'category_id', $id),
                $this->branch($category->id),
            )));
        }
        foreach (DB::table('collections')->whereNull('rule')->orderBy('id')->pluck('id') as $id) {
            $there["collection $id"] = $count($in('collection_product', 'collection_id', $id));
        }
        foreach (DB::table('brands')->orderBy('id')->pluck('id') as $id) {
            $there["brand $id"] = count(array_keys($shown, $id, true));
        }
        foreach (DB::table('tags')->orderBy('id')->pluck('id') as $id) {
            $there["tag $id"] = $count($in('product_tag', 'tag_id', $id));
        }
        foreach (DB::table('facts')->orderBy('position')->orderBy('id')->pluck('id') as $id) {
            $there["fact $id"] = count(array_unique($in('fact_values', 'fact_id', $id)));
        }

        return $there;
    }

    /** @return list<int> a category and all beneath it, by their parents */
    private function branch(int $id): array
    {
        $children = DB::table('categories')->where('parent_id', $id)->pluck('id')->all();

        return [$id, ...array_merge(...array_map($this->branch(...), $children))];
    }
}
