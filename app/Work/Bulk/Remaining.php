<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Finding\Sql\FoundPageRows;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Season;

/**
 * Which of the pages that a deed means would stay with another template, and why: with the pins and rules that stand in
 * the way.
 *
 * @phpstan-type Rule array{words: string, clause: list<array<string, mixed>>, count: int}
 * @phpstan-type Row array{template: int, name: string, count: int, why: 'pinned'|'rule'|'keptOff'|'season',
 *     rules: list<Rule>}
 *
 * @shape RuleInTheWay array{words: string, clause: list<Condition>, count: int}
 * @shape RemainingRow array{template: int, name: string, count: int, why: 'pinned'|'rule'|'keptOff'|'season',
 *     rules: list<RuleInTheWay>}
 *     rules: of that template, with how many of these pages each holds
 */
final readonly class Remaining
{
    private const AT_ONCE = 5_000;

    /** Templates of which, and rules of each that, are told one by one. */
    private const MOST_TOLD = 10;

    public function __construct(
        private Impact $impact,
        private AskedByChanges $shop,
        private KindRulesReader $rules,
        private ReachWords $words,
    ) {
    }

    /** @return list<Row> the largest first */
    public function of(LayoutPlan $plan, PageKind $kind, LayoutDeed $deed): array
    {
        $template = $plan->template;
        // A pin comes before everything else.
        if ($template === null || $plan->isForDraft() || $deed === LayoutDeed::Pin) {
            return [];
        }
        $supposed = $plan->changes->supposed($this->shop);
        $rules = $this->rules->all($kind, $supposed);
        $pins = self::pins($kind);
        $pages = [];
        foreach ($this->staying($plan, $kind, $deed) as $page => $winner) {
            // What else a deed does to pins is to take them out.
            $pin = array_key_exists("$kind->value/$page", $supposed->pins) ? null : $pins[$page] ?? null;
            $pages[$winner][$pin === $winner ? 'pinned' : 'rule'][] = $page;
        }
        $rows = [];
        foreach ($pages as $winner => $whys) {
            foreach ($whys as $why => $ids) {
                array_push($rows, ...$why === 'pinned' || $deed === LayoutDeed::KeepOff
                    ? [self::row($winner, $why, $ids)]
                    : $this->byRule($rules, $template->id, $winner, $ids));
            }
        }
        usort($rows, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);
        $names = $rows === [] ? [] : TemplateNames::all();

        return array_map(
            fn (array $row, int $at): array => [
                'template' => $row['template'],
                'name' => $names[$row['template']] ?? '',
                'count' => count($row['pages']),
                'why' => $row['why'],
                'rules' => $row['why'] === 'rule' && $deed !== LayoutDeed::KeepOff && $at < self::MOST_TOLD
                    ? $this->told($rules, $row['template'], $row['pages'])
                    : [],
            ],
            $rows,
            array_keys($rows),
        );
    }

    /** @return iterable<int, int> page => the template that it stays with */
    private function staying(LayoutPlan $plan, PageKind $kind, LayoutDeed $deed): iterable
    {
        foreach (array_chunk($plan->pages, self::AT_ONCE) as $some) {
            foreach ($this->impact->winners($kind, $plan->changes, $some) as $page => $winner) {
                if (($winner === $plan->template?->id) === ($deed === LayoutDeed::KeepOff)) {
                    yield $page => $winner;
                }
            }
        }
    }

    /** @return array<int, int> page => template */
    private static function pins(PageKind $kind): array
    {
        return array_map(intval(...), Pin::query()->toBase()
            ->where('page_kind', $kind->value)
            ->pluck('template_id', 'subject_id')
            ->all());
    }

    /**
     * The template itself does not take some of them, or it does not yet; the others have rules that come first.
     *
     * @param  list<int>  $pages
     * @return list<array{template: int, why: 'pinned'|'rule'|'keptOff'|'season', pages: list<int>, count: int}>
     */
    private function byRule(KindRules $rules, int $template, int $winner, array $pages): array
    {
        $reach = $rules->candidate($template)?->reach;
        if ($reach === null || ! $reach->season->holds($rules->at)) {
            return [self::row($winner, 'season', $pages)];
        }
        $off = $reach->keepOff === []
            ? []
            : self::covered($rules, new CompiledReach($reach->keepOff, [], Season::always()), $pages);
        $others = array_values(array_diff($pages, $off));

        return array_values(array_filter([
            $off === [] ? null : self::row($winner, 'keptOff', $off),
            $others === [] ? null : self::row($winner, 'rule', $others),
        ]));
    }

    /**
     * @param  'pinned'|'rule'|'keptOff'|'season'  $why
     * @param  list<int>  $pages
     * @return array{template: int, why: 'pinned'|'rule'|'keptOff'|'season', pages: list<int>, count: int}
     */
    private static function row(int $template, string $why, array $pages): array
    {
        return ['template' => $template, 'why' => $why, 'pages' => $pages, 'count' => count($pages)];
    }

    /**
     * @param  list<int>  $pages
     * @return list<Rule>
     */
    private function told(KindRules $rules, int $template, array $pages): array
    {
        $told = [];
        foreach ($rules->candidate($template)->reach->show ?? [] as $clause) {
            $count = count($told) < self::MOST_TOLD ? count(self::covered($rules, self::alone($clause), $pages)) : 0;
            if ($count > 0) {
                $stored = Clause::of(...array_column($clause->conditions, 'condition'));
                $told[] = [
                    'words' => $this->words->clause($stored, $rules->pages->kind()),
                    'clause' => $stored->toArray(),
                    'count' => $count,
                ];
            }
        }
        usort($told, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);

        return $told;
    }

    private static function alone(CompiledClause $clause): CompiledReach
    {
        return new CompiledReach([$clause], [], Season::always());
    }

    /**
     * @param  list<int>  $pages
     * @return list<int> those that rules hold
     */
    private static function covered(KindRules $rules, CompiledReach $reach, array $pages): array
    {
        $covered = [];
        foreach (array_chunk($pages, self::AT_ONCE) as $some) {
            array_push(
                $covered,
                ...FoundPageRows::covered($rules->pages->table(), $rules->sql()->covers($reach), ...$some),
            );
        }

        return $covered;
    }
}
