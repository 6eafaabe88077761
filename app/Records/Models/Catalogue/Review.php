<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A customer’s review of a product.
 *
 * @property int $id
 * @property int $product_id
 * @property int $stars  1 to 5
 * @property string $author
 * @property string $words
 * @property bool $published
 * @property CarbonImmutable $written_at
 * @property string $state  `new`, `read` or `hidden`
 * @property Product $product
 */
final class Review extends Model
{
    protected $table = 'reviews';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /**
     * Those that customers can see.
     *
     * @param  Builder<self>  $query
     */
    public function scopePublished(Builder $query): void
    {
        $query->where('reviews.published', true);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'published' => 'boolean',
            'written_at' => 'immutable_datetime',
        ];
    }
}
