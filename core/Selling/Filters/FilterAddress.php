<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * Choices in an address, and back: `brand=ostrelve-5.pellinray-7&colour-o3=teal-12&price=10-40.5`. The same choices are
 * always written the same way. What is read is whatever can be: unknown filters and values, words for numbers and the
 * like are passed over. What a form sends is read as well:
 * `brand[]=ostrelve-5&brand[]=pellinray-7&price[from]=10&price[to]=40,50`.
 *
 * @api
 */
final readonly class FilterAddress
{
    /** Values of one filter that are read at most. */
    public const MOST_VALUES = 50;

    /** Before a number below zero: a hyphen stands between the ends. */
    private const MINUS = 'm';

    /** @param  list<AddressedFilter>  $filters  in the order in which they stand beside the list */
    public function __construct(private array $filters)
    {
    }

    /** @return array<string, string> parameter => value */
    public function write(Choices $choices): array
    {
        $written = [];
        foreach ($this->filters as $one) {
            $values = $choices->values[$one->filter->key] ?? null;
            $range = $choices->ranges[$one->filter->key] ?? null;
            if ($range !== null) {
                $written[$one->parameter()] = self::number($range[0], $one->decimals)
                    .'-'
                    .self::number($range[1], $one->decimals);
            } elseif ($values !== null) {
                $written[$one->parameter()] = implode(
                    '.',
                    array_map(
                        static fn (int $value): string => isset($one->labels[$value]) && $one->labels[$value] !== ''
                            ? "{$one->labels[$value]}-$value"
                            : (string) $value,
                        $values,
                    ),
                );
            }
        }

        return $written;
    }

    /** @param  array<array-key, mixed>  $query  untrusted */
    public function read(array $query): Choices
    {
        $choices = Choices::none();
        foreach ($query as $parameter => $written) {
            $one = $this->named((string) $parameter);
            if ($one?->filter->isRange === true) {
                [$least, $most] = self::ends(
                    is_array($written)
                        ? self::end($written['from'] ?? '').'-'.self::end($written['to'] ?? '')
                        : $written,
                    $one->decimals,
                );
                $choices = $choices->between($one->filter->key, $least, $most);
            } elseif ($one !== null) {
                $choices = $choices->with($one->filter->key, self::values($written, $one));
            }
        }

        return $choices;
    }

    private function named(string $parameter): ?AddressedFilter
    {
        $mark = preg_match('/-([a-z]\d{1,9})$/D', $parameter, $part) === 1 ? $part[1] : '';
        foreach ($this->filters as $one) {
            if ($mark !== '' && $one->mark === $mark || $one->mark === '' && $one->name === $parameter) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<int> those that the filter has */
    private static function values(mixed $written, AddressedFilter $one): array
    {
        $all = match (true) {
            is_string($written) => explode('.', $written, self::MOST_VALUES + 1),
            is_array($written) => array_slice(array_filter($written, is_string(...)), 0, self::MOST_VALUES + 1),
            default => [],
        };
        $values = [];
        foreach ($all as $value) {
            if (count($values) < self::MOST_VALUES
                && preg_match('/(?:^|-)(\d{1,9})$/D', $value, $number) === 1
                && ($one->labels === null || isset($one->labels[(int) $number[1]]))) {
                $values[] = (int) $number[1];
            }
        }

        return $values;
    }

    /** @return string an end as somebody typed it: a comma is a point, and spaces are nothing */
    private static function end(mixed $typed): string
    {
        $end = is_string($typed)
            ? preg_replace('/^[-\x{2212}]/u', self::MINUS, str_replace([',', ' '], ['.', ''], $typed)) ?? ''
            : '';

        return preg_match('/^m?\d{1,9}(?:\.\d{1,6})?$/D', $end) === 1 ? $end : '';
    }

    /** @return array{int|null, int|null} */
    private static function ends(mixed $written, int $decimals): array
    {
        if (! is_string(
            $written,
        ) || preg_match('/^((?:m?\d{1,9}(?:\.\d{1,6})?)?)-((?:m?\d{1,9}(?:\.\d{1,6})?)?)$/D', $written, $ends) !== 1) {
            return [null, null];
        }
        $number = static fn (string $end): ?int =>
            $end === '' ? null : (int) round((float) str_replace(self::MINUS, '-', $end) * 10 ** $decimals);

        return [$number($ends[1]), $number($ends[2])];
    }

    private static function number(?int $value, int $decimals): string
    {
        if ($value === null) {
            return '';
        }
        $written = number_format(abs($value) / 10 ** $decimals, $decimals, '.', '');

        return ($value < 0 ? self::MINUS : '')
            .(str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written);
    }
}
