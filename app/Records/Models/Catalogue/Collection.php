<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Vestibra\App\Ground\Models\Picture;

/**
 * A collection, by hand or by a rule.
 *
 * @property int $id
 * @property string $name
 * @property string $name_folded
 * @property string $slug  the address name
 * @property array<string, mixed>|null $rule  null: by hand
 * @property string $description  made safe
 * @property int|null $picture_id
 * @property string $search_title
 * @property string $search_description
 * @property Picture|null $picture
 */
final class Collection extends Model
{
    protected $table = 'collections';

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
        return $this->belongsToMany(Product::class, 'collection_product', 'collection_id', 'product_id')
            ->orderByPivot('position');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'rule' => 'array',
        ];
    }
}
