<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

final readonly class CompiledReach
{
    /**
     * @param  list<CompiledClause>  $show
     * @param  list<CompiledClause>  $keepOff
     */
    public function __construct(
        public array $show,
        public array $keepOff,
        public Season $season,
        public bool $goesFirst = false,
    ) {
    }

    /** The closest matching *show on* clause, earliest first among equals, unless it is out of season or the page is kept off. */
    public function match(Subject $subject): ?ClauseMatch
    {
        return $this->season->holds($subject->at) && $this->keptOffBy($subject) === null ? $this->closest($subject) : null;
    }

    /** The same rules at any time. */
    public function atAnyTime(): self
    {
        return new self($this->show, $this->keepOff, Season::always(), $this->goesFirst);
    }

    /** @return iterable<Check> of all its conditions */
    public function checks(): iterable
    {
        foreach ([...$this->show, ...$this->keepOff] as $clause) {
            foreach ($clause->conditions as $condition) {
                yield $condition->check;
            }
        }
    }

    /** The closest matching *show on* clause, whatever *keep off* and the season say. */
    public function closest(Subject $subject): ?ClauseMatch
    {
        $best = null;
        foreach ($this->show as $index => $clause) {
            if (! $clause->matches($subject)) {
                continue;
            }
            $closeness = $clause->closeness($subject);
            if ($best === null || $closeness->compare($best->closeness) > 0) {
                $best = new ClauseMatch($index, $closeness);
            }
        }

        return $best;
    }

    /** The number of the first matching *keep off* clause. */
    public function keptOffBy(Subject $subject): ?int
    {
        foreach ($this->keepOff as $index => $clause) {
            if ($clause->matches($subject)) {
                return $index;
            }
        }

        return null;
    }

    /** @return array{int, list<Condition>}|null the clause with the fewest failed conditions, and those */
    public function nearestMiss(Subject $subject): ?array
    {
        $nearest = null;
        foreach ($this->show as $index => $clause) {
            $failed = $clause->failed($subject);
            if ($nearest === null || count($failed) < count($nearest[1])) {
                $nearest = [$index, $failed];
            }
        }

        return $nearest;
    }
}
