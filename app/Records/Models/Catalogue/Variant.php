<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Vestibra\App\Ground\Models\Picture;

/**
 * A variant of a product: what is put into the cart.
 *
 * @property int $id
 * @property int $product_id
 * @property string $sku
 * @property int $price  in the smallest unit of the shop’s currency
 * @property int|null $sale_price  in the same
 * @property CarbonImmutable|null $sale_from  included
 * @property CarbonImmutable|null $sale_until  not included
 * @property int|null $stock  null: not counted, never out
 * @property int|null $picture_id
 * @property bool $published
 * @property int $position
 * @property string $barcode
 * @property string|null $contents
 * @property Product $product
 * @property Picture|null $picture
 */
final class Variant extends Model
{
    protected $table = 'variants';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** @return BelongsToMany<OptionValue, $this> */
    public function values(): BelongsToMany
    {
        return $this->belongsToMany(OptionValue::class, 'variant_values', 'variant_id', 'option_value_id');
    }

    /**
     * Those that customers can see.
     *
     * @param  Builder<self>  $query
     */
    public function scopePublished(Builder $query): void
    {
        $query->where('variants.published', true);
    }

    /**
     * Those whose sale price counts at a moment, as `Core\Catalogue\Variant::isOnSale` says.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOnSaleAt(Builder $query, DateTimeInterface $moment): void
    {
        $query->whereColumn('variants.sale_price', '<', 'variants.price')
            ->where(static fn ($from) => $from->whereNull('variants.sale_from')
                ->orWhere('variants.sale_from', '<=', $moment->format('Y-m-d H:i:s')))
            ->where(static fn ($until) => $until->whereNull('variants.sale_until')
                ->orWhere('variants.sale_until', '>', $moment->format('Y-m-d H:i:s')));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'published' => 'boolean',
            'sale_from' => 'immutable_datetime',
            'sale_until' => 'immutable_datetime',
        ];
    }
}
