<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Catalogue\Measure;

/**
 * What so much of something costs: Directive 98/6/EC, article 2 (b). Where it is the selling price itself it need not
 * be said (article 3 (1)).
 *
 * @api
 */
final readonly class UnitPrice
{
    /**
     * @param  int  $amount  in minor units, halves rounded up
     * @param  string  $unit  the name of its message: `measure.100-ml`
     */
    private function __construct(
        public int $amount,
        public string $unit,
    ) {
    }

    /** @param  int  $price  in minor units */
    public static function of(int $price, Contents $contents, MoneySettings $settings): ?self
    {
        [$size, $unit] = match ($contents->measure) {
            Measure::Millilitre,
            Measure::Litre => $settings->largeVolume ? [1000, 'measure.l'] : [100, 'measure.100-ml'],
            Measure::Gram, Measure::Kilogram => $settings->largeWeight ? [1000, 'measure.kg'] : [100, 'measure.100-g'],
            Measure::Centimetre, Measure::Metre => [100, 'measure.m'],
            Measure::SquareMetre => [1, 'measure.m2'],
            Measure::Sheet => [1, 'measure.sheet'],
            Measure::Piece => [1, 'measure.piece'],
        };
        $held = $contents->thousandths * $contents->measure->size();

        return $held === $size * 1000
            ? null
            : new self(
                BigDecimal::of($price)->multipliedBy($size * 1000)->dividedBy($held, 0, RoundingMode::HALF_UP)->toInt(),
                $unit,
            );
    }
}
