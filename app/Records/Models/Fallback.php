<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The template of a kind of page that has what no other has.
 *
 * @property string $page_kind
 * @property int $template_id
 * @property Template $template
 */
final class Fallback extends Model
{
    protected $table = 'fallbacks';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = 'page_kind';

    protected $keyType = 'string';

    public $incrementing = false;

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }
}
