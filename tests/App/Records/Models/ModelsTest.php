<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Records\Models;

use DateTimeImmutable;
use Illuminate\Database\LazyLoadingViolationException;
use Illuminate\Support\Facades\Schema;
use LogicException;
use Vestibra\App\Doors\Shapes\DataPage;
use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\Core\Catalogue\Variant as VariantValue;
use Vestibra\Tests\App\Factories\BrandFactory;
use Vestibra\Tests\App\Factories\CategoryFactory;
use Vestibra\Tests\App\Factories\ProductFactory;
use Vestibra\Tests\App\Factories\ReviewFactory;
use Vestibra\Tests\App\Factories\TagFactory;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\Factories\VariantFactory;
use Vestibra\Tests\App\TestCase;

/** Every table has a model, and what a model says in the shop's words is what the core says. */
final class ModelsTest extends TestCase
{
    public function test_every_table_has_a_model_or_a_reason(): void
    {
        $tables = array_filter(
            array_map(static fn (array $table): string => $table['name'], Schema::getTables()),
            static fn (string $name): bool => ! str_starts_with($name, 'product_words_')
                && ! str_starts_with($name, 'sqlite_'),
        );
        $known = [...DataPage::tables(), ...Link::tables(), 'product_vocabulary'];

        self::assertSame([], array_values(array_diff($tables, $known)));
        self::assertSame([], array_values(array_diff($known, $tables, ['product_vocabulary'])));
    }

    public function test_the_page_of_data_is_as_the_models_are(): void
    {
        self::assertSame(
            DataPage::write(Link::tables()),
            file_get_contents(base_path('docs/data.md')),
            'php artisan vestibra:models',
        );
    }

    public function test_what_is_within_a_category_is_what_the_tree_says(): void
    {
        $all = Category::query()->get();
        self::assertGreaterThan(5, $all->count());
        foreach ($all as $category) {
            $beneath = [$category->id];
            do {
                $count = count($beneath);
                $beneath = [...$beneath, ...$all->whereIn('parent_id', $beneath)->pluck('id')->all()];
                $beneath = array_values(array_unique($beneath));
            } while (count($beneath) > $count);
            $wanted = Link::in('category_product')->toBase()->whereIntegerInRaw('category_id', $beneath)
                ->distinct()->orderBy('product_id')->pluck('product_id')->all();

            self::assertSame($wanted, Product::query()->within($category)->orderBy('id')->pluck('id')->all());
        }
    }

    public function test_what_is_on_sale_at_a_moment_is_what_the_core_says(): void
    {
        foreach (['2026-01-01 00:00:00', '2026-11-30 12:00:00', '2027-06-01 00:00:00'] as $instant) {
            $moment = new DateTimeImmutable("$instant UTC");
            $wanted = Variant::query()->orderBy('id')->get()->filter(static fn (Variant $row): bool =>
                (new VariantValue(
                    $row->id,
                    $row->sku,
                    [],
                    $row->price,
                    $row->sale_price,
                    saleFrom: $row->sale_from?->toDateTimeImmutable(),
                    saleUntil: $row->sale_until?->toDateTimeImmutable(),
                ))->isOnSale($moment))->pluck('id')->all();

            self::assertSame(
                array_values($wanted),
                Variant::query()->onSaleAt($moment)->orderBy('id')->pluck('id')->all(),
                $instant,
            );
        }
    }

    public function test_a_product_knows_what_it_is_filed_under_and_what_is_said_of_it(): void
    {
        $product = ProductFactory::new()->for(BrandFactory::new())->create();
        $variants = VariantFactory::new()->count(2)->for($product)->create();
        $hidden = VariantFactory::new()->for($product)->create(['published' => false]);
        $review = ReviewFactory::new()->for($product)->create();
        $product->tags()->attach($tag = TagFactory::new()->create());
        $product->categories()->attach($category = CategoryFactory::new()->create());

        $read = Product::query()
            ->with(['brand', 'variants', 'tags', 'categories', 'reviews'])
            ->findOrFail($product->id);
        self::assertSame($product->brand_id, $read->brand?->id);
        self::assertSame([...$variants->modelKeys(), $hidden->id], $read->variants->modelKeys());
        self::assertSame([$tag->id], $read->tags->modelKeys());
        self::assertSame([$category->id], $read->categories->modelKeys());
        self::assertSame([$review->id], $read->reviews->modelKeys());
        self::assertSame('2026-11-01T09:00:00+00:00', $read->added_at->toAtomString());
        self::assertSame($variants->modelKeys(), $read->variants()->published()->pluck('id')->all());
        self::assertSame([$product->id], Product::query()->within($category)->pluck('id')->all());
        self::assertSame([$product->id], $tag->products()->pluck('products.id')->all());
    }

    public function test_a_relation_that_was_not_asked_for_is_a_mistake_in_tests(): void
    {
        VariantFactory::new()->count(2)->create();
        $this->expectException(LazyLoadingViolationException::class);
        Variant::query()->latest('id')->limit(2)->get()->map(static fn (Variant $row): string => $row->product->title);
    }

    public function test_accounts_are_closed_and_not_deleted(): void
    {
        $user = UserFactory::new()->create();
        $this->expectException(LogicException::class);
        $user->delete();
    }
}
