<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A draft that was tried on every page.
 *
 * @property int $id
 * @property int $template_id
 * @property int $revision
 * @property string $state
 * @property int $total
 * @property int $done
 * @property array<mixed>|null $findings
 * @property CarbonImmutable $made_at
 * @property Template $template
 */
final class FittingRun extends Model
{
    protected $table = 'fittings';

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
            'findings' => 'array',
            'made_at' => 'immutable_datetime',
        ];
    }
}
