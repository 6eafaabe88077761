<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Tending;

use Illuminate\Support\Facades\Cache;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Finding\Sql\FoundPageRows;
use Vestibra\App\Work\Tending\Sql\TendedRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledCondition;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\Tidy\IdleClause;
use Vestibra\Core\Reach\Tidy\IdleClauses;

/**
 * What is not right any more, or nearly right, in the rules of a kind of page: what was deleted, what another rule
 * holds, and pages on the fallback that a rule nearly takes. Each with its next step.
 *
 * @phpstan-import-type Near from NearlyTaken
 *
 * @phpstan-type TidyAsk array{template: int, what: 'deleted'|'idle', clause: list<array<string, mixed>>}
 * @phpstan-type Matter array{what: string, words: string,
 *     step: array{words: string, address: string, settle?: int, tidy?: TidyAsk}}
 *
 * @shape TidyAsk array{template: int, what: 'deleted'|'idle', clause: list<Condition>}
 * @shape Matter array{what: string, words: string,
 *     step: array{words: string, address: string, settle?: int, tidy?: TidyAsk}}
 *     tidy: done at once, and moves no page
 */
final readonly class RuleMatters
{
    /** Of each sort, the first of them. */
    private const MOST = 20;

    /** So many pages are asked one by one, whatever the rules. */
    private const FEW = 2_000;

    /** In seconds. */
    private const KEPT = 60;

    public function __construct(
        private KindRulesReader $rules,
        private Categories $categories,
        private NearlyTaken $nearly,
        private KeptVerdicts $verdicts,
        private ReachWords $words,
    ) {
    }

    /**
     * What was deleted is seen from the rules alone; the rest is counted.
     *
     * @return list<Matter>
     */
    public function all(PageKind $kind): array
    {
        return [...$this->deleted($this->rules->all($kind)), ...$this->counted($kind)];
    }

    /** @return list<Matter> */
    public function deleted(KindRules $rules): array
    {
        $kind = $rules->pages->kind();
        $matters = [];
        foreach ($rules->candidates as $candidate) {
            $torn = self::torn($candidate);
            if ($torn !== [] && count($matters) < self::MOST) {
                $more = count($torn) - 1;
                $matters[] = [
                    'what' => 'names-deleted',
                    'words' => '“'.TemplateNames::of($candidate->templateId).'” names what was deleted: “'
                        .$this->words->clause(Clause::of(...self::conditions($torn[0])), $kind)
                        .'”'.($more > 0 ? ', and '.Counted::of($more, 'other rule').' of it' : '').'.',
                    'step' => [
                        'words' => 'See its rule',
                        'address' => self::address($candidate->templateId),
                        'tidy' => ['template' => $candidate->templateId, 'what' => 'deleted', 'clause' => []],
                    ],
                ];
            }
        }

        return $matters;
    }

    /**
     * Kept for a moment, as long as nothing is saved and no rule changes.
     *
     * @return list<Matter>
     */
    public function counted(PageKind $kind): array
    {
        $key = 'rule matters '.hash('sha256', serialize([
            $kind->value, LiveRules::word(), FoundPageRows::stamp(0), intdiv($this->rules->now(), self::KEPT),
        ]));
        $kept = Cache::get($key);
        if (is_string($kept)) {
            /** @var list<Matter> */
            return (array) json_decode($kept, true);
        }
        $live = $this->rules->live($kind);
        if (! $this->isKnown($live)) {
            return $this->idle($live);
        }
        $found = [...$this->idle($live), ...$this->near($live)];
        Cache::put($key, json_encode($found, JSON_THROW_ON_ERROR), self::KEPT);

        return $found;
    }

    /** Which pages the fallback has is not asked of very many while it is being kept anew: it is said later. */
    private function isKnown(KindRules $rules): bool
    {
        return $rules->pages->kind() !== PageKind::Product
            || TendedRows::shown($rules) <= self::FEW
            || $this->verdicts->numbers() !== null;
    }

    /** @return list<Matter> */
    private function idle(KindRules $rules): array
    {
        $names = TemplateNames::all();
        $found = IdleClauses::find($rules->candidates, $this->categories->tree());

        return array_map(
            fn (IdleClause $idle): array => $this->idleMatter($rules, $idle, $names),
            array_slice($found, 0, self::MOST),
        );
    }

    /**
     * @param  array<int, string>  $names
     * @return Matter
     */
    private function idleMatter(KindRules $rules, IdleClause $idle, array $names): array
    {
        $kind = $rules->pages->kind();
        $reach = $rules->candidate($idle->templateId)->reach ?? abort(404);
        $clause = self::conditions($reach->show[$idle->clause]);
        $pages = TendedRows::covered($rules, new CompiledReach(
            [$reach->show[$idle->clause]],
            $reach->keepOff,
            Season::always(),
        ));
        $subject = PageKinds::standard()->get($kind)->subject();
        $held = ($pages === 0 ? 'all that it could hold' : 'its '
            .Counted::of($pages, $subject->page(), $subject->pages()).', and every later one');
        $by = $rules->candidate($idle->heldBy)?->reach->show[$idle->heldByClause];
        $other = $idle->heldBy === $idle->templateId
            ? 'Another rule of it, “'
                .($by === null ? '' : $this->words->clause(Clause::of(...self::conditions($by)), $kind))
                ."”, holds $held."
            : "“{$names[$idle->heldBy]}” holds $held, and comes before it.";

        return [
            'what' => 'rule-idle',
            'words' => "“{$names[$idle->templateId]}”: “"
                .$this->words->clause(Clause::of(...$clause), $kind)."” decides nothing. $other",
            'step' => [
                'words' => 'See its rule',
                'address' => self::address($idle->templateId),
                'tidy' => [
                    'template' => $idle->templateId,
                    'what' => 'idle',
                    'clause' => Clause::of(...$clause)->toArray(),
                ],
            ],
        ];
    }

    /** @return list<Matter> */
    private function near(KindRules $rules): array
    {
        $kind = $rules->pages->kind();
        $names = TemplateNames::all();
        $subject = PageKinds::standard()->get($kind)->subject();

        return array_map(fn (array $near): array => [
            'what' => 'nearly-taken',
            'words' => Counted::of($near['count'], $subject->page().' is', $subject->pages().' are')
                ." on the fallback though nearly shown with “{$names[$near['template']]}”: only “"
                .$this->words->clause(Clause::of($near['missing']), $kind).'” does not hold'
                .($near['keptOff'] > 0 ? ' ('.number_format($near['keptOff']).' more kept off)' : '').'.',
            'step' => [
                'words' => 'Which, and why?',
                'address' => '/studio/who?'.http_build_query([
                    'kind' => $kind->value,
                    'step' => 'fallback',
                    'where' => json_encode(Clause::of(...$near['held'])->toArray(), JSON_THROW_ON_ERROR),
                    'rule' => $near['template'],
                ]),
            ],
        ], array_slice($this->nearly->of($rules), 0, self::MOST));
    }

    /** @return list<CompiledClause> of a reach, that name what was deleted */
    public static function torn(Candidate $candidate): array
    {
        return array_values(array_filter(
            [...$candidate->reach->show, ...$candidate->reach->keepOff],
            static fn (CompiledClause $clause): bool => array_filter(
                $clause->conditions,
                static fn (CompiledCondition $condition): bool => $condition->isTorn,
            ) !== [],
        ));
    }

    /** @return list<Condition> */
    private static function conditions(CompiledClause $clause): array
    {
        return array_column($clause->conditions, 'condition');
    }

    private static function address(int $template): string
    {
        return "/studio/templates/$template?view=reach";
    }
}
