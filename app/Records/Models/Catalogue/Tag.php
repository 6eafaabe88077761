<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Vestibra\App\Ground\Models\Picture;

/**
 * A tag.
 *
 * @property int $id
 * @property string $name
 * @property string $name_folded
 * @property string $slug  the address name
 * @property string $description  made safe
 * @property int|null $picture_id
 * @property string $search_title
 * @property string $search_description
 * @property Picture|null $picture
 */
final class Tag extends Model
{
    protected $table = 'tags';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** @return BelongsToMany<Product, $this> */
    public function products(): BelongsToMany
    {
        return $this->belongsToMany(Product::class, 'product_tag', 'tag_id', 'product_id');
    }
}
