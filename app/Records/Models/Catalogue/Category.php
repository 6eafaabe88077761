<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vestibra\App\Ground\Models\Picture;

/**
 * A category of the tree. What lies beneath it has its *lower* between its own bounds.
 *
 * @property int $id
 * @property string $name
 * @property string $name_folded
 * @property string $slug  the address name
 * @property int|null $parent_id
 * @property int $position
 * @property int $lower  its place in a walk through the tree
 * @property int $upper  the place of the last beneath it
 * @property string $description  made safe
 * @property int|null $picture_id
 * @property string $search_title
 * @property string $search_description
 * @property Picture|null $picture
 * @property Category|null $parent
 */
final class Category extends Model
{
    protected $table = 'categories';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<self, $this> */
    public function children(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** @return BelongsToMany<Product, $this> */
    public function products(): BelongsToMany
    {
        return $this->belongsToMany(Product::class, 'category_product', 'category_id', 'product_id');
    }

    /**
     * In the order that the owner gave them.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInOrder(Builder $query): void
    {
        $query->orderBy('position')->orderBy('id');
    }
}
