<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\Variant;

/**
 * What one variant costs now. Amounts in minor units.
 *
 * @api
 */
final readonly class Price
{
    private function __construct(
        public int $now,
        public int $regular,
    ) {
    }

    public static function of(Variant $variant, DateTimeImmutable $at): self
    {
        return new self($variant->priceAt($at), $variant->price);
    }

    public function isReduced(): bool
    {
        return $this->now < $this->regular;
    }

    public function saving(): int
    {
        return $this->regular - $this->now;
    }

    /** In whole per cent, rounded down so that it is never overstated. */
    public function savingPercent(): int
    {
        return $this->regular === 0 ? 0 : intdiv($this->saving() * 100, $this->regular);
    }
}
