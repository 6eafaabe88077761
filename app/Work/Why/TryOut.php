<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Why;

use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Words\ActualWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\WhatIf;

/**
 * Tries a reach on one page: which conditions hold, which decide, and which template the page would get.
 *
 * @shape Tried array{covers: bool, inSeason: bool, show: list<list<TriedCondition>>,
 *     keepOff: list<list<TriedCondition>>, gets: string, getsThis: bool}
 * @shape TriedCondition array{holds: bool, actual: string}
 */
final readonly class TryOut
{
    public function __construct(
        private KindRulesReader $contests,
        private Verdicts $verdicts,
        private ActualWords $words,
    ) {
    }

    /**
     * @return array{covers: bool, inSeason: bool, show: list<list<array{holds: bool, actual: string}>>,
     *     keepOff: list<list<array{holds: bool, actual: string}>>, gets: string, getsThis: bool}
     */
    public function of(PageKind $kind, int $templateId, Reach $reach, Subject $subject): array
    {
        $supposed = (new WhatIf)->withReach($templateId, $reach);
        $contest = $this->contests->all($kind, $supposed);
        $features = $contest->collections->judge($contest->pages->features($subject));
        $compiled = $contest->candidate($templateId)->reach ?? abort(404);
        $winner = $this->verdicts->explained($kind, $subject, $supposed)->templateId;

        return [
            'covers' => $compiled->atAnyTime()->match($features) !== null,
            'inSeason' => $compiled->season->holds($features->at),
            'show' => $this->clauses($compiled->show, $features, $subject),
            'keepOff' => $this->clauses($compiled->keepOff, $features, $subject),
            'gets' => TemplateNames::of($winner),
            'getsThis' => $winner === $templateId,
        ];
    }

    /**
     * @param  list<CompiledClause>  $clauses
     * @return list<list<array{holds: bool, actual: string}>>
     */
    private function clauses(array $clauses, Features $features, Subject $subject): array
    {
        return array_map(
            fn (CompiledClause $clause): array => $this->conditions($clause, $features, $subject),
            $clauses,
        );
    }

    /** @return list<array{holds: bool, actual: string}> */
    private function conditions(CompiledClause $clause, Features $features, Subject $subject): array
    {
        $failed = $clause->failed($features);
        $conditions = [];
        foreach ($clause->conditions as $compiled) {
            $holds = array_filter($failed, $compiled->condition->equals(...)) === [];
            $conditions[] = ['holds' => $holds, 'actual' => $this->words->of($subject, $compiled->condition)];
        }

        return $conditions;
    }
}
