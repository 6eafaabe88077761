<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link to a draft for somebody without an account. The link itself is kept nowhere.
 *
 * @property int $id
 * @property int $template_id
 * @property int $user_id
 * @property string $token_hash
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property int $opened  how often
 * @property Template $template
 * @property User $user
 */
final class PrivateLink extends Model
{
    protected $table = 'private_links';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'made_at' => 'immutable_datetime',
            'expires_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
        ];
    }
}
