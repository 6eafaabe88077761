<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/** @api */
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

    /**
     * The closest matching *show on* clause, earliest first among equals, unless it is out of season or the page is
     * kept off.
     */
    public function match(Features $features): ?ClauseMatch
    {
        return $this->season->holds($features->at) && $this->keptOffBy($features) === null
            ? $this->closest($features)
            : null;
    }

    /** How strong its claim on a page is, as `RankOfReach::number()`; null where it has none. */
    public function claim(Features $features): ?int
    {
        $match = $this->match($features);

        return $match === null ? null : (new RankOfReach($this->goesFirst, $match->closeness, 0, 0))->number();
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
    public function closest(Features $features): ?ClauseMatch
    {
        $best = null;
        foreach ($this->show as $index => $clause) {
            if (! $clause->matches($features)) {
                continue;
            }
            $closeness = $clause->closeness($features);
            if ($best === null || $closeness->compare($best->closeness) > 0) {
                $best = new ClauseMatch($index, $closeness);
            }
        }

        return $best;
    }

    /** The number of the first matching *keep off* clause. */
    public function keptOffBy(Features $features): ?int
    {
        foreach ($this->keepOff as $index => $clause) {
            if ($clause->matches($features)) {
                return $index;
            }
        }

        return null;
    }

    /** @return array{int, list<Condition>}|null the clause with the fewest failed conditions, and those */
    public function nearestMiss(Features $features): ?array
    {
        $nearest = null;
        foreach ($this->show as $index => $clause) {
            $failed = $clause->failed($features);
            if ($nearest === null || count($failed) < count($nearest[1])) {
                $nearest = [$index, $failed];
            }
        }

        return $nearest;
    }
}
