<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Illuminate\Database\Eloquent\Builder;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\DraftVersion;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TreeFormats;

/** The steps of everybody's work on a draft. Up to 10,000 are kept; older ones are folded into a version. */
final readonly class StepLog
{
    public const MOST = 10_000;

    private const EVERY = 1000;

    /** How many steps are looked at to find where something that comes back stood. */
    private const LOOKED_BACK = 500;

    public function __construct(private EditReader $reader)
    {
    }

    /** Writes a step down; one run of typing or one slide goes on with the step before. */
    public function record(Template $template, User $user, Stepped $done, StepRecord $step): void
    {
        $last = $step->attempt->gesture === null || $step->origin !== DraftStep::DONE
            ? null
            : DraftStep::query()->where('template_id', $template->id)->latest('id')->first();
        if ($last !== null
            && $last->user_id === $user->id
            && $last->format === TreeFormats::CURRENT
            && $last->gesture === $step->attempt->gesture
            && $last->origin === DraftStep::DONE
            && $this->decideTheSame($last, $done->edits)) {
            $last->update([
                'revision' => $template->draft_revision,
                'edits' => self::arrays($done->edits),
                'key' => $step->attempt->key,
                'made_at' => now(),
            ]);
        } else {
            DraftStep::query()->toBase()->insert([
                'template_id' => $template->id,
                'user_id' => $user->id,
                'window' => $step->attempt->window,
                'key' => $step->attempt->key,
                'revision' => $template->draft_revision,
                'origin' => $step->origin,
                'gesture' => $step->attempt->gesture,
                'format' => TreeFormats::CURRENT,
                'edits' => json_encode(self::arrays($done->edits), JSON_THROW_ON_ERROR),
                'inverses' => json_encode(self::arrays($done->inverses), JSON_THROW_ON_ERROR),
                'words' => $step->words,
                'made_at' => now(),
            ]);
        }
        if ($template->draft_revision % self::EVERY === 0) {
            $this->fold($template);
        }
    }

    /** Whether a step was made already: its answer was lost on the way, and it is tried again. */
    public function has(Template $template, ?string $key): bool
    {
        return $key !== null && DraftStep::query()->where('template_id', $template->id)->where('key', $key)->exists();
    }

    /** @param  list<string>  $origins */
    public function last(Template $template, User $user, array $origins): ?DraftStep
    {
        $steps = $this->of($template, $user)->where('spent', false)->latest('id');
        $steps->whereIn('origin', $origins);

        return $steps->first();
    }

    /** A stored step as the core knows it; null when it cannot be read any more. */
    public function read(DraftStep $stored): ?Step
    {
        $lists = [];
        foreach ([$stored->edits, $stored->inverses] as $list) {
            $edits = [];
            foreach ($list as $one) {
                $edit = $this->reader->parse($one, $stored->format);
                if (! $edit instanceof Edit) {
                    return null;
                }
                $edits[] = $edit;
            }
            $lists[] = $edits;
        }

        return new Step($lists[0], $lists[1]);
    }

    /** What has been done since the revision that a step was made on; nothing where it says none, or the newest. */
    public function since(Template $template, User $user, StepAttempt $attempt): StepsSince
    {
        return new StepsSince(
            $user,
            $attempt->window,
            $attempt->base === null || $attempt->base >= $template->draft_revision
                ? []
                : $this->readAll(DraftStep::query()->where('template_id', $template->id)
                    ->where('revision', '>', $attempt->base)->oldest('id')->get()->all()),
        );
    }

    /** What others have done since a step was made. */
    public function othersSince(Template $template, User $user, DraftStep $step): StepsSince
    {
        return new StepsSince($user, null, $this->readAll(
            DraftStep::query()->where('template_id', $template->id)->where('revision', '>', $step->revision)
                ->where('user_id', '!=', $user->id)->with('user')->oldest('id')->get()->all(),
        ));
    }

    /**
     * The steps that led to the draft as it is, where somebody else has worked on it since a step, or one's own were
     * passed over; otherwise none are needed to take it back.
     *
     * @param  Step  $step  the same, as the core knows it
     * @return list<Step> oldest first, that one among them
     */
    public function history(Template $template, User $user, DraftStep $since, Step $step): array
    {
        if (! DraftStep::query()->where('template_id', $template->id)
            ->where('id', '>', $since->id)
            ->where(static fn ($other) => $other->where('user_id', '!=', $user->id)->orWhere('passed_over', true))
            ->exists()) {
            return [];
        }
        $latest = DraftStep::query()->where('template_id', $template->id)->latest('id')
            ->limit(self::LOOKED_BACK)->get()->reverse()->all();

        return array_map(
            static fn (array $made): Step => $made[0]->id === $since->id ? $step : $made[1],
            $this->readAll(array_values($latest)),
        );
    }

    /**
     * @param  array<DraftStep>  $stored  oldest first
     * @return list<array{DraftStep, Step}> from the one on after which all can be read
     */
    private function readAll(array $stored): array
    {
        $steps = [];
        foreach (array_reverse($stored) as $one) {
            $step = $this->read($one);
            if ($step === null) {
                break;
            }
            $steps[] = [$one, $step];
        }

        return array_reverse($steps);
    }

    /**
     * @return array{undo: string|null, redo: string|null, undoStep: int, redoStep: int, passedOver: int} the last steps
     *     that can be taken back and done again, with numbers that grow with time, over all templates (0 where there is
     *     none), and how many were passed over
     */
    public function next(Template $template, User $user): array
    {
        $last = static fn (array $origins): Builder => DraftStep::query()->select('id')
            ->where('template_id', $template->id)->where('user_id', $user->id)
            ->where('spent', false)->whereIn('origin', $origins)->latest('id')->limit(1);
        $found = Template::query()->whereKey($template->id)->select('id')
            ->addSelect(['undo' => $last(DraftStep::TAKEN_BACK_BY_UNDO), 'redo' => $last([DraftStep::UNDONE])])
            ->withCount(['steps as passed' => static fn ($steps) => $steps->passedOver($template, $user)])
            ->toBase()->first();
        [$undo, $redo] = [(int) ($found->undo ?? 0), (int) ($found->redo ?? 0)];
        $words = $undo + $redo === 0 ? [] : DraftStep::query()->whereKey([$undo, $redo])->pluck('words', 'id');

        return [
            'undo' => $words[$undo] ?? null,
            'redo' => $words[$redo] ?? null,
            'undoStep' => $undo,
            'redoStep' => $redo,
            'passedOver' => (int) ($found->passed ?? 0),
        ];
    }

    /** A new step ends what could be done again. */
    public function endRedo(Template $template, User $user): void
    {
        DraftStep::query()->toBase()->where('template_id', $template->id)
            ->where('user_id', $user->id)
            ->where('origin', DraftStep::UNDONE)
            ->where('spent', false)
            ->update(['spent' => true]);
    }

    /** Keeps the draft as it is as a version, and lets go of steps beyond the most that are kept. */
    private function fold(Template $template): void
    {
        DraftVersion::query()->toBase()->insert([
            'template_id' => $template->id,
            'revision' => $template->draft_revision,
            'tree' => json_encode($template->draft_tree),
            'reach' => json_encode($template->draft_reach),
            'made_at' => now(),
        ]);
        $oldest = DraftStep::query()->where('template_id', $template->id)->latest('id')->offset(self::MOST)->limit(
            1,
        )->value('id');
        if (is_int($oldest)) {
            DraftStep::query()->where('template_id', $template->id)->where('id', '<=', $oldest)->delete();
        }
    }

    /** @return Builder<DraftStep> */
    private function of(Template $template, User $user): Builder
    {
        return DraftStep::query()->where('template_id', $template->id)->where('user_id', $user->id);
    }

    /**
     * Whether both are one edit, and decide one and the same thing.
     *
     * @param  list<Edit>  $edits
     */
    private function decideTheSame(DraftStep $last, array $edits): bool
    {
        $before = count($last->edits) === 1 ? $this->reader->parse($last->edits[0]) : null;
        $decided = count($edits) === 1 ? $edits[0]::kind()->decided($edits[0]->toArray()) : [];

        return $before instanceof Edit
            && $decided !== []
            && $before::kind()->decided($before->toArray()) === $decided;
    }

    /**
     * @param  list<Edit>  $edits
     * @return list<array<string, mixed>>
     */
    private static function arrays(array $edits): array
    {
        return array_map(static fn (Edit $edit): array => $edit->toArray(), $edits);
    }
}
