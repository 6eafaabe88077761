<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which revision of a tree the index of names knows.
 *
 * @property int $template_id
 * @property bool $live
 * @property int $revision
 */
final class IndexedTree extends Model
{
    protected $table = 'indexed_trees';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'live' => 'boolean',
        ];
    }
}
