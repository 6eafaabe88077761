<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A drawing table that is open. Its key is template, user and window.
 *
 * @property int $template_id
 * @property int $user_id
 * @property string $window
 * @property CarbonImmutable $seen_at
 * @property User $user
 */
final class Presence extends Model
{
    protected $table = 'presences';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'seen_at' => 'immutable_datetime',
        ];
    }
}
