<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * An address that asked for news.
 *
 * @property int $id
 * @property string $address
 * @property string $asked_at
 * @property string|null $confirmed_at
 * @property string|null $taken_out_at
 */
final class Subscriber extends Model
{
    protected $table = 'news_addresses';

    public $timestamps = false;

    protected $guarded = [];
}
