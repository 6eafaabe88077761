<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture of the shop, in the sizes that were made of it.
 *
 * @property int $id
 * @property string $file  the stem of its files
 * @property int $width  in pixels
 * @property int $height  in pixels
 * @property string $alt  its words
 * @property string $state  `new` until its sizes are made, then `ready` or `failed`
 * @property string|null $original  the file that was uploaded; null for what was drawn by the demo
 * @property int $made  the widest size that was made of it; 0 for none
 * @property bool $avif  whether its sizes are kept as AVIF too
 * @property int $focus_x  0 to 4, from the left: what stays in view when it is cut
 * @property int $focus_y  0 to 4, from the top
 */
final class Picture extends Model
{
    protected $table = 'pictures';

    public $timestamps = false;

    protected $guarded = [];
}
