<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vestibra\Core\Catalogue\FactKind;

/**
 * What is said of every product in the same way: its paper, its weight.
 *
 * @property int $id
 * @property string $name
 * @property string $name_folded
 * @property FactKind $kind
 * @property string $unit
 * @property int $decimals  of a number
 * @property list<string>|null $choices
 * @property int $position
 * @property string $group_name
 */
final class Fact extends Model
{
    protected $table = 'facts';

    public $timestamps = false;

    protected $guarded = [];

    /** @return HasMany<FactValue, $this> */
    public function values(): HasMany
    {
        return $this->hasMany(FactValue::class);
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => FactKind::class,
            'choices' => 'array',
        ];
    }
}
