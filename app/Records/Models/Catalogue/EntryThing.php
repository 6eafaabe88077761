<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * What an entry of the history is about.
 *
 * @property int $entry_id
 * @property Thing $thing
 * @property int $thing_id
 * @property CatalogueEntry $entry
 */
final class EntryThing extends Model
{
    protected $table = 'catalogue_entry_things';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<CatalogueEntry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(CatalogueEntry::class, 'entry_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'thing' => Thing::class,
        ];
    }
}
