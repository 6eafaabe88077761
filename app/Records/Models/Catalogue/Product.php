<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vestibra\App\Ground\Models\Picture;

/**
 * A product. Prices, stock and pictures are its variants’; what is counted over them is kept beside.
 *
 * @property int $id
 * @property string $slug  the address name
 * @property string $title
 * @property string $title_folded
 * @property string $title_order  as titles are sorted
 * @property string $short_description  made safe
 * @property string $description  made safe
 * @property bool $published
 * @property int|null $brand_id
 * @property int|null $main_category_id
 * @property CarbonImmutable $added_at  first published
 * @property int $review_count
 * @property int $star_sum
 * @property int $picture_count
 * @property int $variant_count
 * @property bool $described whether its description has words or a picture
 * @property int|null $price_low  the lowest price at any time
 * @property string $search_title
 * @property string $search_description
 * @property CarbonImmutable|null $show_from  shown by itself then
 * @property CarbonImmutable|null $show_until  hidden by itself then
 * @property Brand|null $brand
 * @property Category|null $mainCategory
 */
final class Product extends Model
{
    protected $table = 'products';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Brand, $this> */
    public function brand(): BelongsTo
    {
        return $this->belongsTo(Brand::class);
    }

    /** @return BelongsTo<Category, $this> */
    public function mainCategory(): BelongsTo
    {
        return $this->belongsTo(Category::class, 'main_category_id');
    }

    /** @return HasMany<Variant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(Variant::class)->orderBy('position');
    }

    /** @return HasMany<FactValue, $this> */
    public function factValues(): HasMany
    {
        return $this->hasMany(FactValue::class);
    }

    /** @return HasMany<Review, $this> */
    public function reviews(): HasMany
    {
        return $this->hasMany(Review::class);
    }

    /** @return BelongsToMany<Category, $this> */
    public function categories(): BelongsToMany
    {
        return $this->belongsToMany(Category::class, 'category_product', 'product_id', 'category_id');
    }

    /** @return BelongsToMany<Collection, $this> */
    public function collections(): BelongsToMany
    {
        return $this->belongsToMany(Collection::class, 'collection_product', 'product_id', 'collection_id');
    }

    /** @return BelongsToMany<Tag, $this> */
    public function tags(): BelongsToMany
    {
        return $this->belongsToMany(Tag::class, 'product_tag', 'product_id', 'tag_id');
    }

    /** @return BelongsToMany<Picture, $this> */
    public function pictures(): BelongsToMany
    {
        return $this->belongsToMany(Picture::class, 'product_pictures', 'product_id', 'picture_id')
            ->orderByPivot('position');
    }

    /**
     * Those that customers can see.
     *
     * @param  Builder<self>  $query
     */
    public function scopePublished(Builder $query): void
    {
        $query->where('products.published', true);
    }

    /**
     * Those filed in a category or anywhere beneath it.
     *
     * @param  Builder<self>  $query
     */
    public function scopeWithin(Builder $query, Category $category): void
    {
        $query->whereHas(
            'categories',
            static fn ($found) => $found->whereBetween('categories.lower', [$category->lower, $category->upper]),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'published' => 'boolean',
            'described' => 'boolean',
            'added_at' => 'immutable_datetime',
            'show_from' => 'immutable_datetime',
            'show_until' => 'immutable_datetime',
        ];
    }
}
