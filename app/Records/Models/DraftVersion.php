<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A draft as it was, for steps that are not kept any more.
 *
 * @property int $id
 * @property int $template_id
 * @property int $revision
 * @property array<string, mixed> $tree
 * @property array<string, mixed> $reach
 * @property CarbonImmutable $made_at
 * @property Template $template
 */
final class DraftVersion extends Model
{
    protected $table = 'draft_versions';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tree' => 'array',
            'reach' => 'array',
            'made_at' => 'immutable_datetime',
        ];
    }
}
