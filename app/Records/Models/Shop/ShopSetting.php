<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * One setting of the shop, by its name.
 *
 * @property string $name
 * @property string $value
 */
final class ShopSetting extends Model
{
    protected $table = 'shop_settings';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    public $incrementing = false;
}
