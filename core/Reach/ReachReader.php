<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;

/**
 * Reads a reach from untrusted JSON (already decoded). What is malformed is reported by path, never guessed.
 *
 * @api
 */
final readonly class ReachReader
{
    public const MAX_CLAUSES = 200;

    public const MAX_CONDITIONS = 20;

    private ConditionReader $conditions;

    /**
     * @param  array<int, Fact>|null  $facts  by id; given when a rule is saved, so that comparisons are checked against
     *     their kinds
     */
    public function __construct(
        RuleFields $fields,
        private ShopZone $zone,
        PageKind $kind,
        ?array $facts = null,
    ) {
        $this->conditions = new ConditionReader($fields, $zone, $kind, $facts);
    }

    /** @return Reach|non-empty-list<Problem> */
    public function parse(mixed $input): Reach|array
    {
        if (! is_array($input)) {
            return [ReachProblem::NotAnObject->at()];
        }
        $input = ReachFormats::upcast($input);
        if ($input === null) {
            return [ReachProblem::UnknownFormat->at('format')];
        }
        $problems = [];
        foreach (array_keys($input) as $key) {
            if (! in_array($key, ['format', 'show', 'keepOff', 'season', 'goesFirst'], true)) {
                $problems[] = ReachProblem::UnknownPart->at((string) $key, ['part' => mb_substr((string) $key, 0, 60)]);
            }
        }
        $show = $this->clauses($input['show'] ?? [], 'show', $problems);
        $keepOff = $this->clauses($input['keepOff'] ?? [], 'keepOff', $problems);
        foreach ($keepOff as $index => $clause) {
            if ($clause->conditions === []) {
                $problems[] = ReachProblem::KeepOffEverything->at("keepOff/$index");
            }
        }
        $season = $this->season($input['season'] ?? [], $problems);
        $goesFirst = $input['goesFirst'] ?? false;
        if (! is_bool($goesFirst)) {
            $problems[] = ReachProblem::NotYesOrNo->at('goesFirst');
        }

        return $problems === [] ? new Reach($show, $keepOff, $season, $goesFirst === true) : $problems;
    }

    /** @param  list<Problem>  $problems */
    private function season(mixed $input, array &$problems): Season
    {
        $from = is_array($input) ? $input['from'] ?? null : null;
        $until = is_array($input) ? $input['until'] ?? null : null;
        if (! is_array($input) || array_diff(array_keys($input), ['from', 'until']) !== []
            || ($from !== null && ! is_string($from)) || ($until !== null && ! is_string($until))) {
            $problems[] = ReachProblem::NotASeason->at('season');

            return Season::always();
        }
        $begins = $from === null ? null : $this->zone->instant($from);
        $ends = $until === null ? null : $this->zone->endOf($until) ?? $this->zone->instant($until);
        if (($from !== null && $begins === null) || ($until !== null && $ends === null)) {
            $problems[] = ReachProblem::NotASeason->at('season');
        }
        $season = Season::of($begins, $ends);
        if ($season->endsBeforeItStarts()) {
            $problems[] = ReachProblem::EndsBeforeItStarts->at('season');
        }

        return $season;
    }

    /**
     * @param  list<Problem>  $problems
     * @return list<Clause>
     */
    private function clauses(mixed $input, string $path, array &$problems): array
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $problems[] = ReachProblem::NotAList->at($path);

            return [];
        }
        if (count($input) > self::MAX_CLAUSES) {
            $problems[] = ReachProblem::TooManyClauses->at($path, ['most' => self::MAX_CLAUSES]);

            return [];
        }
        $clauses = [];
        foreach ($input as $index => $clause) {
            $clauses[] = $this->clause($clause, "$path/$index", $problems);
        }

        return $clauses;
    }

    /** @param  list<Problem>  $problems */
    private function clause(mixed $input, string $path, array &$problems): Clause
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $problems[] = ReachProblem::NotAList->at($path);

            return Clause::of();
        }
        if (count($input) > self::MAX_CONDITIONS) {
            $problems[] = ReachProblem::TooManyConditions->at($path, ['most' => self::MAX_CONDITIONS]);

            return Clause::of();
        }
        $conditions = [];
        foreach ($input as $index => $condition) {
            $read = $this->conditions->parse($condition, "$path/$index");
            if ($read instanceof Problem) {
                $problems[] = $read;
            } else {
                $conditions[] = $read;
            }
        }

        return Clause::of(...$conditions);
    }
}
