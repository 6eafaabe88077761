<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\InRange;

/**
 * Until when a verdict cannot change by the clock alone: the next season, sale or age that any rule in it looks at.
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
     * @param  iterable<CompiledReach>  $reaches those of live templates, and of collections by rule
     * @return self|null null when none of them looks at the clock
     */
    public static function of(iterable $reaches): ?self
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
        sort($seasons);

        return $seasons === [] && $days === [] && ! $prices ? null : new self($seasons, $prices, array_values($days));
    }

    /** @return int|null in seconds of Unix time; null when the clock changes nothing */
    public function after(Features $features): ?int
    {
        $next = $this->nextSeason($features->at);
        $candidates = $next === null ? [] : [$next];
        if ($this->looksAtPrices && $features->priceChanges !== null) {
            $candidates[] = $features->priceChanges;
        }
        $added = $features->number(Quantity::Added);
        foreach ($added === null ? [] : [0, ...$this->days] as $days) {
            if ($this->days !== [] && $added + $days * 86_400 > $features->at) {
                $candidates[] = $added + $days * 86_400;
            }
        }

        return $candidates === [] ? null : min($candidates);
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
