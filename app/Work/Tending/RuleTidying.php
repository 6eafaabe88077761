<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Tending;

use Illuminate\Support\Facades\DB;
use LogicException;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Drafting\FollowedDrafts;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\Tidy\IdleClauses;
use Vestibra\Core\Reach\Tidy\TidyReach;
use Vestibra\Core\Releases\Changes;

/**
 * Takes out of a template's rules what no page needs: one release, in which nothing moves. A draft that had the same
 * rules has the same again; one with rules of its own is left alone.
 */
final readonly class RuleTidying
{
    public function __construct(
        private KindRulesReader $rules,
        private Categories $categories,
        private Releases $releases,
        private Drafting $drafting,
        private FollowedDrafts $drafts,
    ) {
    }

    /**
     * @param  'deleted'|'idle'  $what
     * @param  mixed  $clause  untrusted: the idle clause, as it is stored
     * @param  string  $key  the same for every try, which is made once; empty for none
     * @return Release|non-empty-list<Problem>|null null where only a draft has changed
     */
    public function tidy(Template $template, string $what, mixed $clause, User $user, string $key): Release|array|null
    {
        $tried = $this->releases->tried($user, $key);
        if ($tried !== null) {
            return $tried;
        }
        $kind = $template->pageKind() ?? throw new LogicException('Only a template for pages has rules.');
        $before = $template->live_reach ?? $template->draft_reach;
        $reach = $this->rules->stored($before, $kind);
        $tidied = $what === 'deleted'
            ? self::withoutDeleted($reach, $kind)
            : $this->without($template, $reach, $clause);
        if ($tidied == $reach) {
            return [$what === 'deleted' ? ReleaseProblem::NothingToTidy->at() : ReleaseProblem::DecidesByNow->at()];
        }

        $changed = $tidied->toArray();

        return DB::transaction(function () use ($template, $changed, $user, $key): Release|array|null {
            if (! $template->isLive()) {
                is_array($this->drafting->apply($template->id, $user, [['edit' => 'reach', 'reach' => $changed]]))
                    && throw new LogicException('Rules that were stored cannot stand in a draft.');

                return null;
            }
            $change = TemplateDeed::withReach($template, $changed);
            $done = $this->releases->make(
                Changes::of($change),
                $user,
                "“{$template->name}”: rules tidied up",
                key: $key,
            );
            is_array($done) || $this->drafts->follow($change, $user);

            return $done;
        });
    }

    /**
     * Takes it back, and with it the draft that followed.
     *
     * @return Release|non-empty-list<Problem>
     */
    public function takeBack(Release $release, User $user, string $key): Release|array
    {
        return DB::transaction(function () use ($release, $user, $key): Release|array {
            $done = $this->releases->bringBack($release->id, $user, $key);
            foreach ($done instanceof Release ? $release->change_set->templates() : [] as $change) {
                $this->drafts->takeBack($change, $user);
            }

            return $done;
        });
    }

    private static function withoutDeleted(Reach $reach, PageKind $kind): Reach
    {
        return (new TidyReach(RuleFields::standard(), LivingNames::of([$reach]), $kind))->of($reach);
    }

    /** @param  mixed  $clause  untrusted */
    private function without(Template $template, Reach $reach, mixed $clause): Reach
    {
        $rules = $this->rules->live($template->pageKind() ?? PageKind::Product);
        foreach (IdleClauses::find($rules->candidates, $this->categories->tree()) as $idle) {
            if ($idle->templateId === $template->id && $reach->show[$idle->clause]->toArray() == $clause) {
                $show = $reach->show;
                unset($show[$idle->clause]);

                return new Reach(array_values($show), $reach->keepOff, $reach->season, $reach->goesFirst);
            }
        }

        return $reach;
    }
}
