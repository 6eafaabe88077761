<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A font that the shop brought itself.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property string $hash  of its bytes
 * @property string $bytes
 * @property CarbonImmutable|null $let_go_at  it can be taken back for a while
 */
final class OwnFont extends Model
{
    protected $table = 'own_fonts';

    public $timestamps = false;

    protected $guarded = [];

    /**
     * Those that are there.
     *
     * @param  Builder<self>  $query
     */
    public function scopeThere(Builder $query): void
    {
        $query->whereNull('let_go_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'let_go_at' => 'immutable_datetime',
        ];
    }
}
