<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A page that has its own template. Its key is the kind of page and the subject.
 *
 * @property string $page_kind
 * @property int $subject_id
 * @property int $template_id
 * @property Template $template
 */
final class Pin extends Model
{
    protected $table = 'pins';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }
}
