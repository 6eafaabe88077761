<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\MoneyText;
use Vestibra\Core\Problem;

/**
 * An amount that another is made of: set to, more or less by so much, more or less by so many per cent; rounded half up
 * to a minor unit, or to the nearest amount that ends as wanted.
 *
 * @internal
 */
final readonly class PriceStep
{
    /**
     * @param  'to'|'by'|'percent'  $how
     * @param  string  $number  minor units as a whole number; of per cent as `-12.5`
     * @param  int|null  $ending  the last digits of the amount, in minor units: 90 for prices that end in .90
     * @param  int  $whole  minor units of one whole: 100 where there are two digits
     */
    public function __construct(
        private string $how,
        private string $number,
        private ?int $ending = null,
        private int $whole = 100,
    ) {
    }

    /** @return int|Problem in minor units */
    public function of(int $now): int|Problem
    {
        $exact = match ($this->how) {
            'to' => BigDecimal::of($this->number),
            'by' => BigDecimal::of($now)->plus($this->number),
            default => BigDecimal::of($now)->multipliedBy(BigDecimal::of($this->number)->plus(100))
                ->dividedBy(100, 6, RoundingMode::HALF_UP),
        };
        $amount = $this->ending === null || $this->whole === 1
            ? $exact->toScale(0, RoundingMode::HALF_UP)->toInt()
            : $this->ended($exact);

        return match (true) {
            $amount < 0 => CatalogueProblem::Negative->at('', ['written' => $amount]),
            $amount > MoneyText::MOST => CatalogueProblem::TooMuch->at('', ['written' => $amount]),
            default => $amount,
        };
    }

    /** The nearest amount with the ending; of two that are as near the higher, and never one below nothing. */
    private function ended(BigDecimal $exact): int
    {
        $ending = (int) $this->ending;
        $below = $exact->minus($ending)->dividedBy($this->whole, 0,
            RoundingMode::FLOOR)->toInt() * $this->whole + $ending;
        $isNearerBelow = $exact->minus($below)->multipliedBy(2)->isLessThan($this->whole);

        return $isNearerBelow && ($below >= 0 || $exact->isNegative()) ? $below : $below + $this->whole;
    }
}
