<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Filter;

use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\ListFilter;

/** The two ends of a range as fields have them, and a slider. */
final readonly class Ends
{
    /**
     * @return array{from: string, to: string, least: string, most: string, unit: string, isDate: bool, slider: bool,
     *     step: string, isMoney: bool} numbers
     *     with a point, amounts with all their digits unless they are whole; days as `2026-12-31`
     */
    public static function of(ListFilter $filter, Context $context, bool $slider): array
    {
        [$least, $most] = $filter->bounds ?? [0, 0];
        $write = static fn (?int $end): string => match (true) {
            $end === null => '',
            $filter->isDate => sprintf('%04d-%02d-%02d', intdiv($end, 10_000), intdiv($end, 100) % 100, $end % 100),
            $filter->key === 'price' && $end % 10 ** $filter->decimals !== 0 =>
                number_format($end / 10 ** $filter->decimals, $filter->decimals, '.', ''),
            default => self::plain($end, $filter->decimals),
        };

        return [
            'from' => $write($filter->ends[0]),
            'to' => $write($filter->ends[1]),
            'least' => $write($least),
            'most' => $write($most),
            'unit' => $filter->key === 'price' ? $context->money->symbol() : $filter->unit,
            'isDate' => $filter->isDate,
            'slider' => $slider && ! $filter->isDate,
            'step' => self::plain(1, $filter->decimals),
            'isMoney' => $filter->key === 'price',
        ];
    }

    private static function plain(int $number, int $decimals): string
    {
        $written = number_format($number / 10 ** $decimals, $decimals, '.', '');

        return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }
}
