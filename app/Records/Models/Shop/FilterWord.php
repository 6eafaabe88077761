<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * A value of a fact that lists can be filtered by.
 *
 * @property int $id
 * @property int $fact_id
 * @property string $folded
 * @property string $written
 */
final class FilterWord extends Model
{
    protected $table = 'filter_words';

    public $timestamps = false;

    protected $guarded = [];
}
