<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Words that customers searched for, however often.
 *
 * @property int $id
 * @property string $name  as it was typed
 * @property string $name_folded
 * @property int $results  how many products there were, when it was last searched for
 * @property bool $is_sample  one that the shop made up itself, to have some to look at
 * @property bool $as_typed  found as it was typed, rather than corrected
 */
final class Search extends Model
{
    protected $table = 'searches';

    public $timestamps = false;

    protected $guarded = [];

    /** @return HasMany<SearchDay, $this> */
    public function days(): HasMany
    {
        return $this->hasMany(SearchDay::class, 'search_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'is_sample' => 'boolean',
            'as_typed' => 'boolean',
        ];
    }
}
