<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * A letter that would have gone out: the stand-in for a mail server.
 *
 * @property int $id
 * @property string $recipient
 * @property string $subject
 * @property string $words
 * @property string $sent_at
 */
final class Letter extends Model
{
    protected $table = 'outbox';

    public $timestamps = false;

    protected $guarded = [];
}
