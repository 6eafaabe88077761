<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * One of the values of an option.
 *
 * @property int $id
 * @property int $option_id
 * @property string $label
 * @property string $label_folded
 * @property string|null $swatch  a colour
 * @property int $position
 * @property Option $option
 */
final class OptionValue extends Model
{
    protected $table = 'option_values';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Option, $this> */
    public function option(): BelongsTo
    {
        return $this->belongsTo(Option::class);
    }

    /** @return BelongsToMany<Variant, $this> */
    public function variants(): BelongsToMany
    {
        return $this->belongsToMany(Variant::class, 'variant_values', 'option_value_id', 'variant_id');
    }
}
