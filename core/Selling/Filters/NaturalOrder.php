<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

use Collator;

/**
 * The order in which people expect values to stand: amounts by what they are, sizes of clothes from small to large,
 * then words by the language, with numbers in them as numbers (Unicode Collation Algorithm through ICU).
 *
 * @api
 */
final readonly class NaturalOrder
{
    private const SIZE = '/^(?:(\d)x|(x{0,4}))(small|medium|large|s|m|l)$/D';

    private const WORDS = 2;

    private Collator $collator;

    public function __construct(string $locale)
    {
        $this->collator = new Collator($locale);
        $this->collator->setAttribute(Collator::NUMERIC_COLLATION, Collator::ON);
    }

    public function compare(string $one, string $other): int
    {
        return self::rank($one) <=> self::rank($other) ?: (int) $this->collator->compare($one, $other);
    }

    /**
     * Whether all are amounts or sizes: a word among others, as the nib *Medium* between *Fine* and *Broad*, is none.
     *
     * @param  array<string>  $labels
     */
    public static function fits(array $labels): bool
    {
        return array_filter($labels, static fn (string $label): bool => self::rank($label)[0] === self::WORDS) === [];
    }

    /**
     * @param  array<int, string>  $labels  value => label
     * @return list<int> the values in order
     */
    public function sorted(array $labels): array
    {
        uasort($labels, $this->compare(...));

        return array_keys($labels);
    }

    /** @return array{int, float} amounts before sizes before words, each by what it is */
    private static function rank(string $label): array
    {
        [$amount, $size] = [self::amount($label), self::size($label)];

        return match (true) {
            $size !== null => [1, (float) $size],
            $amount !== null => [0, $amount],
            default => [self::WORDS, 0.0],
        };
    }

    /** @return int|null a size of clothes as a number: M is 0, L is 1, XL 2, S is -1 */
    private static function size(string $label): ?int
    {
        if (preg_match(self::SIZE, str_replace([' ', '-'], '', mb_strtolower(trim($label))), $part) !== 1) {
            return null;
        }
        $times = (int) $part[1] + strlen($part[2]);

        return match ($part[3][0]) {
            's' => -1 - $times,
            'l' => 1 + $times,
            default => $times === 0 ? 0 : null,
        };
    }

    /** @return float|null the number that a label begins with */
    private static function amount(string $label): ?float
    {
        return preg_match('/^\s*(\d{1,9}(?:[.,]\d{1,6})?)(?!\d)/', $label, $number) === 1
            ? (float) str_replace(',', '.', $number[1])
            : null;
    }
}
