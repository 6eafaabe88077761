<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Brick\Math\BigDecimal;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Problem;

/**
 * What a package holds: `30 ml`, `0.75 l`, `12 sheets`.
 *
 * @api
 */
final readonly class Contents
{
    /** @param  int  $thousandths  of the measure */
    private function __construct(
        public int $thousandths,
        public Measure $measure,
    ) {
    }

    /** As people write it: `30ml`, `0,75 l`, `12 Blatt`. */
    public static function read(string $written): self|Problem
    {
        $known = preg_match('/^\s*(\d{1,7}(?:[.,]\d{1,3})?)\s*(\D+\d?)$/uD', $written, $part) === 1
            ? Measure::of($part[2])
            : null;
        $thousandths = $known === null
            ? 0
            : BigDecimal::of(str_replace(',', '.', $part[1]))->withPointMovedRight(3)->toInt();

        return $known === null || $thousandths === 0
            ? CatalogueProblem::NotContents->at('', ['written' => mb_substr($written, 0, 40)])
            : new self($thousandths, $known);
    }

    /** Of what this class has written. */
    public static function stored(?string $stored): ?self
    {
        $read = $stored === null ? null : self::read($stored);

        return $read instanceof self ? $read : null;
    }

    /** @return string as it is kept */
    public function text(): string
    {
        $amount = BigDecimal::ofUnscaledValue($this->thousandths, 3)->stripTrailingZeros();

        return $amount->toScale(max(0, $amount->getScale()))." {$this->measure->value}";
    }
}
