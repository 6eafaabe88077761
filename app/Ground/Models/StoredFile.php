<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file in one of the folders of the shop, as backups and the doctor know it. Its key is folder and name.
 *
 * @property string $folder
 * @property string $name
 * @property int $bytes
 * @property string $sha256
 */
final class StoredFile extends Model
{
    protected $table = 'stored_files';

    public $timestamps = false;

    protected $guarded = [];

    protected $primaryKey = null;

    public $incrementing = false;
}
