<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Work that waits for the worker.
 *
 * @property int $id
 * @property string $queue
 * @property string $payload
 * @property int $attempts
 * @property int|null $reserved_at  in seconds
 * @property int $available_at  in seconds
 * @property int $created_at  in seconds
 */
final class Job extends Model
{
    protected $table = 'jobs';

    public $timestamps = false;

    protected $guarded = [];
}
