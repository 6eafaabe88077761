<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A house style: what is live of it, and what is worked on. One of them is in use.
 *
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $live  tokens by name
 * @property array<string, mixed> $draft  tokens by name
 * @property bool $in_use
 */
final class HouseStyle extends Model
{
    protected $table = 'house_styles';

    public $timestamps = false;

    protected $guarded = [];

    /** @param  Builder<self>  $query */
    public function scopeInUse(Builder $query): void
    {
        $query->where('in_use', true);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'live' => 'array',
            'draft' => 'array',
            'in_use' => 'boolean',
        ];
    }
}
