<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of the shop: something to download, a film, its captions. Gone ones are kept for a while.
 *
 * @property int $id
 * @property string $use  what it is for: see FileUse
 * @property string $name  as it was uploaded
 * @property string $file  as it is stored
 * @property string $type  its media type
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property int $seconds  of a film
 * @property int|null $captions_id
 * @property int|null $poster_id
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $gone_at  it can be taken back for a while
 * @property ShopFile|null $captions
 * @property Picture|null $poster
 */
final class ShopFile extends Model
{
    protected $table = 'files';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<self, $this> */
    public function captions(): BelongsTo
    {
        return $this->belongsTo(self::class, 'captions_id');
    }

    /** @return BelongsTo<Picture, $this> */
    public function poster(): BelongsTo
    {
        return $this->belongsTo(Picture::class, 'poster_id');
    }

    /**
     * Those that are there, and can be used.
     *
     * @param  Builder<self>  $query
     */
    public function scopeThere(Builder $query): void
    {
        $query->whereNull('gone_at');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'made_at' => 'immutable_datetime',
            'gone_at' => 'immutable_datetime',
        ];
    }
}
