<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One step of somebody's work on a draft, kept with what takes it back.
 *
 * @property int $id
 * @property int $template_id
 * @property int $user_id
 * @property int $revision  the draft's revision after the step
 * @property string $origin  one of the constants
 * @property string|null $window  the drawing table it was made in
 * @property string|null $key  the same for every try at the same step
 * @property int $format
 * @property User|null $user
 * @property string|null $gesture  one run of typing or one slide shares it
 * @property list<array<string, mixed>> $edits
 * @property list<array<string, mixed>> $inverses  in the order in which they take the step back
 * @property string $words  what was done, as "Price: colour"
 * @property bool $spent  taken back, or taken back and done again, or passed over
 * @property bool $passed_over  left as it is by undo or redo, because it would take away what somebody else has set
 * @property Carbon $made_at
 */
final class DraftStep extends Model
{
    public const DONE = 'done';

    public const UNDONE = 'undone';

    public const REDONE = 'redone';

    public const TAKEN_BACK_BY_UNDO = [self::DONE, self::REDONE];

    protected $table = 'draft_steps';

    public $timestamps = false;

    protected $guarded = ['id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Somebody's steps that undo or redo passed over.
     *
     * @param  Builder<self>  $query
     */
    public function scopePassedOver(Builder $query, Template $template, User $user): void
    {
        $query->where('template_id', $template->id)->where('passed_over', true)->where('user_id', $user->id);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'edits' => 'array',
            'inverses' => 'array',
            'spent' => 'boolean',
            'passed_over' => 'boolean',
            'made_at' => 'datetime',
        ];
    }
}
