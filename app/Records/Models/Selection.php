<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What somebody has selected among the pages of a kind. Its pages stand on one of two sides, what was selected before
 * the last deed on the other.
 *
 * @property int $id
 * @property int $user_id
 * @property string $page_kind
 * @property int $revision counts every change, so that another window sees that there was one
 * @property int $side 0 or 1
 * @property bool $can_undo
 * @property User $user
 */
final class Selection extends Model
{
    protected $table = 'selections';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['can_undo' => 'boolean'];
    }
}
