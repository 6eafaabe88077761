<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A block that could not be drawn, as *Today* tells it.
 *
 * @property int $id
 * @property int|null $template_id
 * @property string $block_id
 * @property string $kind
 * @property int|null $subject_id
 * @property string $message
 * @property CarbonImmutable $seen_at
 * @property bool $draft  seen on a draft, not in the shop
 */
final class Trouble extends Model
{
    protected $table = 'troubles';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'seen_at' => 'immutable_datetime',
            'draft' => 'boolean',
        ];
    }
}
