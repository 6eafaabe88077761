<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\InRange;

/**
 * Until when a verdict cannot change by the clock alone: the next season, sale or age that any rule in it looks at.
 *
 * Times: bounds of seasons, whether prices count, ages in days.
 *
 * @phpstan-type Times array{list<int>, bool, list<int>}
 *
 * @internal
 */
final readonly class Horizon
{
    /**
     * @param  list<int>  $seasons  bounds, earliest first
     * @param  list<int>  $days  ages that rules look at
     */
    private function __construct(
        private array $seasons,
        private bool $looksAtPrices,
        private array $days,
    ) {
    }

    /**
     * @param  iterable<CompiledReach>  $reaches
     * @return Times|null what of the clock some reaches look at; null when none of them looks at it
     */
    public static function times(iterable $reaches): ?array
    {
        $seasons = $days = [];
        $prices = false;
        foreach ($reaches as $reach) {
            array_push($seasons, ...$reach->season->bounds());
            foreach ($reach->checks() as $check) {
                $prices = $prices || ($check instanceof InRange
                    && in_array($check->quantity, [Quantity::Price, Quantity::Sale], true));
                if ($check instanceof AddedWithin) {
                    $days[$check->days] = $check->days;
                }
            }
        }

        return $seasons === [] && $days === [] && ! $prices ? null : [$seasons, $prices, array_values($days)];
    }

    /**
     * @param  iterable<Times>  $times  of live templates, and of collections by rule
     * @return self|null null when none of them looks at the clock
     */
    public static function of(iterable $times): ?self
    {
        $seasons = $days = [];
        [$prices, $none] = [false, true];
        foreach ($times as [$bounds, $looksAtPrices, $ages]) {
            array_push($seasons, ...$bounds);
            array_push($days, ...$ages);
            $prices = $prices || $looksAtPrices;
            $none = false;
        }
        sort($seasons);

        return $none ? null : new self($seasons, $prices, array_values(array_unique($days)));
    }

    /** @return int|null in seconds of Unix time; null when the clock changes nothing */
    public function after(Features $features): ?int
    {
        $next = $this->seasons === [] ? null : $this->nextSeason($features->at);
        if ($this->looksAtPrices && $features->priceChanges !== null) {
            $next = min($next ?? PHP_INT_MAX, $features->priceChanges);
        }
        $added = $this->days === [] ? null : $features->number(Quantity::Added);
        foreach ($added === null ? [] : [0, ...$this->days] as $days) {
            $turns = $added + $days * 86_400;
            $next = $turns > $features->at ? min($next ?? PHP_INT_MAX, $turns) : $next;
        }

        return $next;
    }

    private function nextSeason(int $at): ?int
    {
        [$low, $high] = [0, count($this->seasons)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $this->seasons[$middle] > $at ? [$low, $middle] : [$middle + 1, $high];
        }

        return $this->seasons[$low] ?? null;
    }
}
