<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a customer chooses between: a colour, a size.
 *
 * @property int $id
 * @property string $name
 * @property string $name_folded
 * @property int $position
 */
final class Option extends Model
{
    protected $table = 'options';

    public $timestamps = false;

    protected $guarded = [];

    /** @return HasMany<OptionValue, $this> */
    public function values(): HasMany
    {
        return $this->hasMany(OptionValue::class)->orderBy('position');
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
