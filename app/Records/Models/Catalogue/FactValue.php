<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A value of a fact of one product. Its key is product, fact and position.
 *
 * @property int $product_id
 * @property int $fact_id
 * @property int $position
 * @property string $written  as the owner gave it
 * @property string|null $folded  as texts are compared
 * @property int|null $number  as numbers and dates are compared, scaled by the fact’s decimals
 * @property Product $product
 * @property Fact $fact
 */
final class FactValue extends Model
{
    protected $table = 'fact_values';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** @return BelongsTo<Fact, $this> */
    public function fact(): BelongsTo
    {
        return $this->belongsTo(Fact::class);
    }
}
