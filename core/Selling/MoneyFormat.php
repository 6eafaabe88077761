<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Brick\Math\BigDecimal;
use NumberFormatter;

/**
 * Prints amounts in the shop's one currency. Minor units after ISO 4217, patterns after CLDR, both through ext-intl.
 *
 * @api
 */
final readonly class MoneyFormat
{
    private NumberFormatter $formatter;

    private NumberFormatter $numbers;

    private int $digits;

    public MoneySettings $settings;

    /** @param  string  $currency ISO 4217, such as GBP */
    public function __construct(
        public string $currency,
        string $locale,
        ?MoneySettings $settings = null,
    ) {
        $this->settings = $settings ?? new MoneySettings($currency);
        $this->formatter = new NumberFormatter("$locale@currency=$currency", NumberFormatter::CURRENCY);
        $this->numbers = new NumberFormatter($locale, NumberFormatter::DECIMAL);
        $this->digits = $this->formatter->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }

    /** @return int how many digits of an amount are minor units */
    public function digits(): int
    {
        return $this->digits;
    }

    /** @param  int  $minor in minor units */
    public function format(int $minor): string
    {
        return (string) $this->formatter->formatCurrency((float) $this->decimal($minor), $this->currency);
    }

    /** @param  string  $number  as `5.5` */
    public function number(string $number): string
    {
        return (string) $this->numbers->format((float) $number);
    }

    /** @return string as `£` */
    public function symbol(): string
    {
        return (string) $this->formatter->getSymbol(NumberFormatter::CURRENCY_SYMBOL);
    }

    /** @return string such as `9.50`, for machines */
    public function decimal(int $minor): string
    {
        return (string) BigDecimal::ofUnscaledValue($minor, $this->digits);
    }
}
