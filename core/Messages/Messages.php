<?php

declare(strict_types=1);

namespace Vestibra\Core\Messages;

use DateTimeInterface;
use IntlDateFormatter;
use IntlException;
use LogicException;
use MessageFormatter;
use NumberFormatter;

/**
 * What customers read, in the shop's language: ICU MessageFormat through ext-intl, with numbers and days after CLDR.
 *
 * @api
 */
final class Messages
{
    /** @var array<int, NumberFormatter> by decimals */
    private array $numbers = [];

    /** @var array<string, MessageFormatter|null> by pattern; null: it cannot be read */
    private array $formatters = [];

    /**
     * @param  string  $locale  such as `en_GB`
     * @param  array<string, string>  $patterns  by key
     * @param  array<string, string>  $own  the owner's own words, instead
     */
    public function __construct(
        public readonly string $locale,
        private readonly array $patterns,
        private readonly array $own = [],
    ) {
    }

    /**
     * @param  array<string, string|int|float>  $values
     *
     * @throws LogicException when there is no such message
     */
    public function say(string $key, array $values = []): string
    {
        $said = $this->format($this->pattern($key), $values);

        return $said ?? $this->format($this->patterns[$key] ?? '', $values) ?? '';
    }

    /** @return string as it is written, for who formats it elsewhere */
    public function pattern(string $key): string
    {
        return $this->own[$key] ?? $this->patterns[$key] ?? throw new LogicException("There is no message $key.");
    }

    /** @return list<string> the values that a message takes, as `count` */
    public static function takes(string $pattern): array
    {
        preg_match_all('/\{(\w+)\s*[,}]/', $pattern, $found);

        return array_values(array_unique($found[1]));
    }

    /** Whether a pattern can be read, and takes nothing that it is not given. */
    public static function isGood(string $locale, string $pattern, string $original): bool
    {
        return array_diff(self::takes($pattern), self::takes($original)) === []
            && (new self($locale, []))->format($pattern, array_fill_keys(self::takes($original), 2)) !== null;
    }

    public function number(int|float $number, int $decimals = 0): string
    {
        if (! isset($this->numbers[$decimals])) {
            $this->numbers[$decimals] = new NumberFormatter($this->locale, NumberFormatter::DECIMAL);
            $this->numbers[$decimals]->setAttribute(NumberFormatter::FRACTION_DIGITS, $decimals);
        }

        return (string) $this->numbers[$decimals]->format($number);
    }

    /** @param  string  $number  such as `0.40`: as many digits as somebody wrote, without marks between thousands */
    public function written(string $number): string
    {
        return str_replace(
            '.',
            (new NumberFormatter($this->locale, NumberFormatter::DECIMAL))
                ->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL),
            $number,
        );
    }

    /** The language that the words are in, after BCP 47: `de`. */
    public function language(): string
    {
        return explode('_', $this->locale)[0];
    }

    /** @param  DateTimeInterface  $wall  by the shop's wall clock, whatever zone it says */
    public function day(DateTimeInterface $wall): string
    {
        $formatter = new IntlDateFormatter(
            $this->locale,
            IntlDateFormatter::LONG,
            IntlDateFormatter::NONE,
            $wall->getTimezone()->getName(),
        );

        return (string) $formatter->format($wall);
    }

    /** @param  int  $day  0 for Monday */
    public function weekday(int $day): string
    {
        $formatter =
            new IntlDateFormatter($this->locale, IntlDateFormatter::NONE, IntlDateFormatter::NONE, 'UTC', null, 'EEEE');

        return (string) $formatter->format((4 + $day) * 86_400);
    }

    /** @param  int  $minutes  since midnight */
    public function clock(int $minutes): string
    {
        $formatter = new IntlDateFormatter($this->locale, IntlDateFormatter::NONE, IntlDateFormatter::SHORT, 'UTC');

        return (string) $formatter->format($minutes % 1440 * 60);
    }

    /** @param  array<string, string|int|float>  $values */
    private function format(string $pattern, array $values): ?string
    {
        if (strpbrk($pattern, "{}'") === false) {
            return $pattern;
        }
        foreach ($values as $name => $value) {
            // A number that stands by itself; one that forms depend on is formatted by ICU.
            $values[$name] = is_string($value) || preg_match("/\{\s*$name\s*,/", $pattern) === 1
                ? $value
                : $this->number($value, is_int($value) ? 0 : 1);
        }
        $formatter = $this->formatters[$pattern] ??= self::formatter($this->locale, $pattern);
        $said = $formatter === null ? false : $formatter->format($values);

        return is_string($said) ? $said : null;
    }

    private static function formatter(string $locale, string $pattern): ?MessageFormatter
    {
        try {
            return new MessageFormatter($locale, $pattern);
        } catch (IntlException) {
            return null;
        }
    }
}
