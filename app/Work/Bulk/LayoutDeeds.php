<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\ConditionReader;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\TemplateChange;

/** Many pages and a template: what is released, and what becomes of the template's rules. */
final readonly class LayoutDeeds
{
    /** Rows that are read in one go. */
    private const AT_ONCE = 5_000;

    public function __construct(
        private ShopClock $clock,
        private FactBook $facts,
    ) {
    }

    /**
     * @param  list<int>  $pages  that are meant
     * @param  mixed  $clauses  untrusted: of a rule, or empty to name the pages
     * @param  OutOfTheWay  $out  what is taken out with it
     * @return LayoutPlan|non-empty-list<Problem>
     */
    public function plan(
        LayoutDeed $deed,
        PageKind $kind,
        array $pages,
        ?Template $template,
        mixed $clauses,
        OutOfTheWay $out,
    ): LayoutPlan|array {
        $rule = $clauses === [] || $clauses === null ? [] : $this->clauses($kind, $clauses);
        if ($rule instanceof Problem) {
            return [$rule];
        }
        $problem = $this->problem($deed, $kind, $pages, $template, $rule);
        if ($problem !== null) {
            return [$problem];
        }
        $without = $deed === LayoutDeed::Unpin ? [] : $out->changes($kind);
        if ($without instanceof Problem) {
            return [$without];
        }
        $freed = $template === null ? [] : array_keys(array_filter(
            self::pinnedElsewhere($kind, $pages, $template->id),
            $out->frees(...),
        ));
        $what = Counted::of(count($pages), 'page');

        return match (true) {
            $deed === LayoutDeed::Unpin => new LayoutPlan(
                Changes::of(PinsDeed::to(self::keys($kind, array_keys(self::pinnedElsewhere($kind, $pages, 0)), null))),
                $pages,
                '',
            ),
            $template === null => [ReleaseProblem::TemplateGone->at('', ['name' => ''])],
            $deed === LayoutDeed::Pin => new LayoutPlan(
                Changes::of(PinsDeed::to(self::keys($kind, $pages, $template->id))),
                $pages,
                "“{$template->name}” for $what",
                $template,
            ),
            default => $this->ruled($deed, $kind, $pages, $template, $rule === []
                ? [[self::naming($kind, $pages)]]
                : $rule, $freed, $without),
        };
    }

    /**
     * @param  list<int>  $pages
     * @param  non-empty-list<list<array<string, mixed>>>  $clauses
     * @param  list<int>  $freed
     * @param  list<TemplateChange>  $without  other templates without rules that stand in the way
     */
    private function ruled(
        LayoutDeed $deed,
        PageKind $kind,
        array $pages,
        Template $template,
        array $clauses,
        array $freed,
        array $without,
    ): LayoutPlan {
        $side = $deed === LayoutDeed::KeepOff ? 'keepOff' : 'show';
        $changes = $template->live_reach === null
            ? []
            : [TemplateDeed::withReach($template, DraftRules::with($template->live_reach, $side, $clauses))];
        array_push($changes, ...array_filter(
            $without,
            static fn (TemplateChange $change): bool => $change->template !== $template->id,
        ));
        if ($freed !== []) {
            $changes[] = PinsDeed::to(self::keys($kind, $freed, null));
        }

        return new LayoutPlan(
            Changes::of(...$changes),
            $pages,
            $side === 'keepOff' ? "Kept off “{$template->name}”" : "A rule for “{$template->name}”",
            $template,
            $side,
            $clauses,
        );
    }

    /**
     * @param  list<int>  $pages
     * @param  list<mixed>  $rule
     */
    private function problem(
        LayoutDeed $deed,
        PageKind $kind,
        array $pages,
        ?Template $template,
        array $rule,
    ): ?Problem {
        $names = $rule === [] && in_array($deed, [LayoutDeed::Name, LayoutDeed::KeepOff, LayoutDeed::Rule], true);
        $name = $template->name ?? '';

        return match (true) {
            $deed->wantsTemplate() && ($template === null || $template->let_go_at !== null) =>
                ReleaseProblem::TemplateGone->at('', ['name' => $name]),
            $deed->wantsTemplate() && $template?->page_kind !== $kind->value =>
                ReleaseProblem::TemplateGone->at('', ['name' => $name]),
            $pages === [] && $deed !== LayoutDeed::Rule => ReleaseProblem::NothingSelected->at(),
            $deed === LayoutDeed::Rule && $rule === [] => ReleaseProblem::NoShortRule->at(),
            $deed === LayoutDeed::Pin && $template?->isLive() === false =>
                ReleaseProblem::NotShownWith->at('', ['name' => $name]),
            $deed === LayoutDeed::KeepOff && Fallback::query()->where('template_id', $template?->id)->exists() =>
                ReleaseProblem::FallbackKeepsNothingOff->at('', ['name' => $name]),
            $names && PageKinds::standard()->get($kind)->named() === [] => ReleaseProblem::CannotBeNamed->at(),
            $names && count($pages) > ConditionReader::MAX_VALUES =>
                ReleaseProblem::TooManyNamed->at('', ['most' => ConditionReader::MAX_VALUES]),
            default => null,
        };
    }

    /** @return non-empty-list<list<array<string, mixed>>>|Problem */
    private function clauses(PageKind $kind, mixed $clauses): array|Problem
    {
        $reach = (new ReachReader(RuleFields::standard(), $this->clock->zone, $kind, $this->facts->all()))->parse([
            'format' => Reach::FORMAT,
            'show' => $clauses,
            'keepOff' => [],
            'season' => [],
            'goesFirst' => false,
        ]);
        $read = $reach instanceof Reach
            ? array_map(static fn (Clause $clause): array => $clause->toArray(), $reach->show)
            : [];

        return $read === [] ? ReleaseProblem::NoShortRule->at() : $read;
    }

    /**
     * @param  list<int>  $pages
     * @return array<string, mixed> the condition that names pages one by one
     */
    private static function naming(PageKind $kind, array $pages): array
    {
        [$field, $comparison] = explode('.', PageKinds::standard()->get($kind)->named()[0] ?? '.');

        return ['field' => $field, 'comparison' => $comparison, 'values' => $pages];
    }

    /**
     * @param  list<int>  $pages
     * @return array<int, int> those that are pinned to another template than this, and to which
     */
    private static function pinnedElsewhere(PageKind $kind, array $pages, int $template): array
    {
        $pinned = [];
        foreach (array_chunk($pages, self::AT_ONCE) as $some) {
            $pinned += array_map(
                intval(...),
                Pin::query()->toBase()->where('page_kind', $kind->value)
                    ->whereIntegerInRaw('subject_id', $some)
                    ->where('template_id', '<>', $template)
                    ->orderBy('subject_id')
                    ->pluck('template_id', 'subject_id')
                    ->all(),
            );
        }

        return $pinned;
    }

    /**
     * @param  list<int>  $pages
     * @return array<string, int|null> as `PinsChange` names them
     */
    private static function keys(PageKind $kind, array $pages, ?int $template): array
    {
        return array_fill_keys(array_map(static fn (int $page): string => "$kind->value/$page", $pages), $template);
    }
}
