<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * An address name that something had before: it leads to the one of now.
 *
 * @property int $id
 * @property Thing $thing
 * @property string $slug
 * @property int $thing_id
 * @property CarbonImmutable $until
 */
final class OldAddressName extends Model
{
    protected $table = 'old_address_names';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'until' => 'immutable_datetime',
            'thing' => Thing::class,
        ];
    }
}
