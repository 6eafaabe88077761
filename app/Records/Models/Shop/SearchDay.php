<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How often something was searched for on one day. Its key is the day and the search.
 *
 * @property int $search_id
 * @property string $day  as 2026-11-30, of the shop
 * @property int $times
 * @property Search $search
 */
final class SearchDay extends Model
{
    protected $table = 'search_days';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<Search, $this> */
    public function search(): BelongsTo
    {
        return $this->belongsTo(Search::class, 'search_id');
    }
}
