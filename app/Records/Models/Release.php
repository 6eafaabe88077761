<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Vestibra\Core\Releases\Changes;

/**
 * One change to what customers see: done, waiting for its time, called off, or failed when its time came.
 *
 * @property int $id
 * @property int $author_id
 * @property string $state
 * @property Carbon $at
 * @property Carbon|null $due_at
 * @property string $note
 * @property Changes $change_set
 * @property array<string, mixed> $impact
 * @property string|null $trouble  why it failed, as the code of a problem
 * @property int|null $brings_back_id
 * @property User|null $author
 */
final class Release extends Model
{
    public const DONE = 'done';

    public const WAITING = 'waiting';

    public const CALLED_OFF = 'called-off';

    public const FAILED = 'failed';

    protected $table = 'releases';

    public $timestamps = false;

    protected $guarded = ['id'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /**
     * In the current format, whatever it was kept in.
     *
     * @return Attribute<array<string, mixed>, array<string, mixed>>
     */
    protected function impact(): Attribute
    {
        return Attribute::make(
            get: static fn (mixed $stored): array => ImpactFormats::upcast((array) json_decode((string) $stored, true)),
            set: static fn (array $impact): string => json_encode($impact, JSON_THROW_ON_ERROR),
        );
    }

    /** @return Attribute<Changes, Changes> */
    protected function changeSet(): Attribute
    {
        return Attribute::make(
            get: static fn (mixed $stored): Changes => Changes::stored((array) json_decode((string) $stored, true)),
            set: static fn (Changes $changes): string => json_encode($changes->toArray(), JSON_THROW_ON_ERROR),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'due_at' => 'datetime'];
    }
}
