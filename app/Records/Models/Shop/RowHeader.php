<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * What the columns of a file of rows were the last time one with this header was taken.
 *
 * @property string $header  a sum of the header
 * @property array<string, string> $columns  as a column is called => what it is, in words; '' for nothing
 */
final class RowHeader extends Model
{
    protected $table = 'row_headers';

    protected $primaryKey = 'header';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['columns' => 'array'];
    }
}
