<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * Words that mean the same to a search.
 *
 * @property int $id
 * @property list<string> $words
 */
final class Synonym extends Model
{
    protected $table = 'synonyms';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'words' => 'array',
        ];
    }
}
