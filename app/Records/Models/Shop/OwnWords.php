<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * The words that the shop says in its own way: what is live, and what is worked on.
 *
 * @property int $id
 * @property array<string, string> $draft
 * @property array<string, string> $live
 */
final class OwnWords extends Model
{
    protected $table = 'own_words';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'draft' => 'array',
            'live' => 'array',
        ];
    }
}
