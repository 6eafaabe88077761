<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use DateTimeImmutable;

/**
 * When a shop is open, by its own clock. A span is two times in minutes since midnight; one that ends before it begins
 * ends on the day after, with more than 1,440.
 *
 * @phpstan-type Span array{int, int}
 *
 * @api
 */
final readonly class OpeningHours
{
    private const DAY = 1440;

    /**
     * @param  list<list<Span>>  $week  Monday first
     * @param  list<string>  $closed  days of the calendar, as `2026-12-25`
     */
    public function __construct(
        public array $week,
        private array $closed = [],
    ) {
    }

    /** @return list<Span>|null null when it is not written as hours are; empty for closed */
    public static function spans(string $written): ?array
    {
        $spans = [];
        foreach (array_filter(
            array_map(trim(...), explode(',', $written)),
            static fn (string $part): bool => $part !== '',
        ) as $part) {
            if (preg_match(
                '/^(\d{1,2})(?:[:.](\d{2}))?\s*[-–—]\s*(\d{1,2})(?:[:.](\d{2}))?$/u',
                $part,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1) {
                return null;
            }
            $from = (int) $found[1] * 60 + (int) $found[2];
            $until = (int) $found[3] * 60 + (int) $found[4];
            if ((int) $found[2] > 59
                || (int) $found[4] > 59
                || $from >= self::DAY
                || $until > self::DAY
                || $from === $until) {
                return null;
            }
            $spans[] = [$from, $until > $from ? $until : $until + self::DAY];
        }
        sort($spans);
        foreach ($spans as $at => [$from]) {
            if ($at > 0 && $from < $spans[$at - 1][1]) {
                return null;
            }
        }

        return $spans;
    }

    /** @return list<string>|null days of the calendar; null when one of the lines is none */
    public static function days(string $written): ?array
    {
        $days = array_values(array_filter(
            array_map(trim(...), preg_split('/[\r\n,]+/', $written) ?: []),
            static fn (string $day): bool => $day !== '',
        ));
        foreach ($days as $day) {
            if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $found) !== 1
                || ! checkdate((int) $found[2], (int) $found[3], (int) $found[1])) {
                return null;
            }
        }

        return $days;
    }

    /**
     * @return array{open: bool, until: DateTimeImmutable|null} and the next instant within a week at which that
     *     changes; null where none does
     */
    public function at(DateTimeImmutable $now, ShopZone $zone): array
    {
        $today = new DateTimeImmutable(substr($zone->wall($now), 0, 10));
        $open = false;
        $until = null;
        for ($ahead = -1; $ahead <= 7; $ahead++) {
            $day = self::later($today, $ahead);
            foreach (in_array($day->format('Y-m-d'), $this->closed, true)
                ? []
                : $this->week[(int) $day->format('N') - 1] ?? [] as [$from, $end]) {
                [$opens, $closes] = [self::instant($day, $from, $zone), self::instant($day, $end, $zone)];
                if ($opens <= $now && $now < $closes) {
                    [$open, $until] = [true, $closes];
                } elseif ($open && $opens == $until) {
                    $until = $closes;
                } elseif (! $open && $opens > $now && $until === null) {
                    $until = $opens;
                }
            }
        }

        return ['open' => $open, 'until' => $until];
    }

    /**
     * @return list<array{int, int, list<Span>}> days of the week that follow each other with the same hours: the first
     *     and the last, from 0 for Monday
     */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->week as $day => $spans) {
            $last = count($groups) - 1;
            if ($last >= 0 && $groups[$last][2] === $spans) {
                $groups[$last][1] = $day;
            } else {
                $groups[] = [$day, $day, $spans];
            }
        }

        return $groups;
    }

    private static function later(DateTimeImmutable $day, int $days): DateTimeImmutable
    {
        return $day->setDate((int) $day->format('Y'), (int) $day->format('n'), (int) $day->format('j') + $days);
    }

    private static function instant(DateTimeImmutable $day, int $minutes, ShopZone $zone): DateTimeImmutable
    {
        $day = self::later($day, intdiv($minutes, self::DAY));

        return $zone
            ->instant(sprintf('%sT%02d:%02d', $day->format('Y-m-d'), intdiv($minutes % self::DAY, 60), $minutes % 60))
            ?? $day;
    }
}
