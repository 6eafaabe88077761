<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that a tree names.
 *
 * @property int $template_id
 * @property bool $live
 * @property string $thing
 * @property string $name
 * @property Template $template
 */
final class TreeName extends Model
{
    protected $table = 'tree_names';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'live' => 'boolean',
        ];
    }
}
