<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A sentence that a list is filtered by, kept under a name for everybody who works in the shop.
 *
 * @property int $id
 * @property string $list
 * @property string $page_kind
 * @property string $name
 * @property array<string, mixed> $filter
 */
final class KeptFilter extends Model
{
    protected $table = 'kept_filters';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['filter' => 'array'];
    }
}
