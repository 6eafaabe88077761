<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Illuminate\Support\Facades\DB;
use LogicException;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\FollowedDrafts;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Problem;

/** Makes what was planned for many pages: one release, and the draft's rules with it. */
final readonly class LayoutWork
{
    public function __construct(
        private Releases $releases,
        private DraftRules $drafts,
        private FollowedDrafts $followed,
    ) {
    }

    /**
     * @param  string  $key  the same for every try, which is made once; empty for none
     * @return Release|non-empty-list<Problem>|null null where only a draft has changed
     */
    public function make(LayoutPlan $plan, User $user, string $key = ''): Release|array|null
    {
        // Pins alone are worked out before anybody has to wait for them.
        return $plan->clauses === []
            ? $this->releases->make($plan->changes, $user, $plan->note, key: $key)
            : DB::transaction(fn (): Release|array|null => $this->ruled($plan, $user, $key));
    }

    /** @return Release|non-empty-list<Problem>|null */
    private function ruled(LayoutPlan $plan, User $user, string $key): Release|array|null
    {
        $done = $plan->isForDraft()
            ? null
            : $this->releases->make($plan->changes, $user, $plan->note, key: $key);
        foreach ($done instanceof Release ? $plan->changes->templates() : [] as $change) {
            $change->template === $plan->template?->id || $this->followed->follow($change, $user);
        }
        $draft = is_array($done) || $plan->template === null
            ? null
            : $this->drafts->add($plan->template->refresh(), $user, $plan->side, $plan->clauses);

        return is_array($draft) ? throw new LogicException('A rule that is released cannot stand in a draft.') : $done;
    }
}
