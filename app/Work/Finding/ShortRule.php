<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Records\Models\Selection;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Finding\Sql\ChoiceRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\ShortestRule;
use Vestibra\Core\Reach\Short\ShortRules;

/**
 * What a selection is, said as a rule: the short rule that gives exactly this.
 *
 * @phpstan-type Said array{words: string, clauses: list<list<array<string, mixed>>>, every: bool, hidden: int}
 *
 * @shape SelectionSaid array{words: string, clauses: list<list<Condition>>, every: bool, hidden: int}
 *     words: empty where no short rule gives it; every: it is every page of the kind
 */
final readonly class ShortRule
{
    /** Products that are looked at to see what takes more than the selected ones. */
    private const SOME = 300;

    public function __construct(
        private Selections $selections,
        private ShortChoices $choices,
        private ReachWords $words,
    ) {
    }

    /** @return Said */
    public function of(Selection $selection): array
    {
        $kind = PageKind::from($selection->page_kind);
        $rule = $kind === PageKind::Product ? $this->find($selection) : null;
        $clauses = $rule['clauses'] ?? [];

        return [
            'words' => implode(
                ', or ',
                array_map(fn (Clause $clause): string => $this->words->clause($clause, $kind), $clauses),
            ),
            'clauses' => array_map(static fn (Clause $clause): array => $clause->toArray(), $clauses),
            'every' => $rule['every'] ?? false,
            'hidden' => $rule['hidden'] ?? 0,
        ];
    }

    /** @return array{clauses: list<Clause>, every: bool, hidden: int} */
    private function find(Selection $selection): array
    {
        $rows = new ChoiceRows($selection->id, $selection->side);
        $selected = $rows->selected();
        $shown = $rows->shown();
        $every = $selected->holds($shown);
        $rule = $selected->isEmpty() || $every
            ? null
            : $this->shortest($rows, $selected, $shown);

        return [
            'clauses' => $every && ! $selected->isEmpty() ? [Clause::of()] : $rule->clauses ?? [],
            'every' => $every,
            'hidden' => $this->selections->state($selection)['count'] - $selected->count(),
        ];
    }

    private function shortest(ChoiceRows $rows, PageSet $selected, PageSet $shown): ?ShortestRule
    {
        $choices = [];
        foreach ($this->choices->lasting($rows, $selected, $shown) as $more) {
            array_push($choices, ...$more);
            $rule = ShortRules::ofOne($choices, $selected, $shown);
            if ($rule !== null) {
                return $rule;
            }
        }
        if (ShortRules::ofOne($choices, $selected, $shown, 2) !== null
            && ! $this->mayBeCounted($rows, $selected, $shown)) {
            return ShortRules::find($choices, $selected, $shown);
        }
        array_push($choices, ...$this->choices->counted($rows, $selected, $shown));

        return ShortRules::ofOne($choices, $selected, $shown) ?? ShortRules::find($choices, $selected, $shown);
    }

    /**
     * Whether one condition on what is counted may give the selection: then it is the shortest rule, and of large shops
     * finding it is waited for. It gives it of some products too, if it gives it of all.
     */
    private function mayBeCounted(ChoiceRows $rows, PageSet $selected, PageSet $shown): bool
    {
        $others = $shown->without($selected)->pages();
        $every = max(1, intdiv(count($others), self::SOME));
        $some = array_filter($others, static fn (int $at): bool => $at % $every === 0, ARRAY_FILTER_USE_KEY);
        $among = $selected->or(PageSet::of($some));
        $choices = $this->choices->countedAmong($rows, $selected, $among);

        return ShortRules::ofOne($choices, $selected, $among) !== null;
    }
}
