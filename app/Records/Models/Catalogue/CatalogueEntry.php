<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vestibra\App\Records\Models\User;

/**
 * One change of the catalogue, with values before and after.
 *
 * @property int $id
 * @property int $user_id
 * @property CarbonImmutable $at
 * @property string $words
 * @property int $format
 * @property array<mixed> $changes
 * @property array<mixed>|null $moves
 * @property string|null $key  the same for every try at the same change
 * @property int|null $takes_back_id
 * @property int|null $part_of_id  of a change that was written in parts: the first of them
 * @property bool $many  of very many things at once: what was changed since is left when it is taken back
 * @property User $user
 */
final class CatalogueEntry extends Model
{
    protected $table = 'catalogue_entries';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<EntryThing, $this> */
    public function things(): HasMany
    {
        return $this->hasMany(EntryThing::class, 'entry_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime',
            'many' => 'boolean',
            'changes' => 'array',
            'moves' => 'array',
        ];
    }
}
