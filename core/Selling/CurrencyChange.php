<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * The shop takes another currency: figures stay, as far as the new one has digits for them. Nothing is converted.
 *
 * @api
 */
final readonly class CurrencyChange
{
    /**
     * @param  int  $from  how many digits of an amount are minor units (ISO 4217)
     * @param  int  $to  the same of the new currency
     */
    public function __construct(
        private int $from,
        private int $to,
    ) {
    }

    public function changesAmounts(): bool
    {
        return $this->from !== $this->to;
    }

    /** @return int in minor units of the new currency: 12.50 is 12.500 or, halves rounded up, 13 */
    public function amount(int $minor): int
    {
        return BigDecimal::ofUnscaledValue($minor, $this->from)->toScale($this->to, RoundingMode::HALF_UP)
            ->getUnscaledValue()
            ->toInt();
    }
}
