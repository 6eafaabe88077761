<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use DateTimeImmutable;
use DateTimeZone;

/**
 * Between the wall clock of the shop and instants. Time zone rules come from the tz database through PHP.
 *
 * @api
 */
final readonly class ShopZone
{
    private DateTimeZone $utc;

    private function __construct(private DateTimeZone $zone)
    {
        $this->utc = new DateTimeZone('UTC');
    }

    /** @param  string  $name as `Europe/London` */
    public static function of(string $name): self
    {
        return new self(new DateTimeZone($name));
    }

    /**
     * The instant of a wall time as `2026-12-31 23:30`, of a bare date (00:00 of that day), or of an RFC 3339 instant.
     * A wall time that does not exist (clocks go forward) is the first instant after; one that exists twice is the
     * earlier.
     *
     * @return DateTimeImmutable|null null when it is none of these; in UTC, in whole seconds
     */
    public function instant(string $written): ?DateTimeImmutable
    {
        if (preg_match(
            '/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::(\d\d))?(Z|[+-]\d\d:\d\d)?)?$/D',
            $written,
            $part,
        ) !== 1
            || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            || (int) ($part[4] ?? 0) > 23
            || (int) ($part[5] ?? 0) > 59
            || (int) ($part[6] ?? 0) > 59) {
            return null;
        }
        if (isset($part[7])) {
            return (new DateTimeImmutable($written))->setTimezone($this->utc);
        }
        $wall = (new DateTimeImmutable(
            sprintf(
                '%s-%s-%s %s:%s:%s',
                $part[1],
                $part[2],
                $part[3],
                $part[4] ?? '00',
                $part[5] ?? '00',
                $part[6] ?? '00',
            ),
            $this->utc,
        ))->getTimestamp();

        return (new DateTimeImmutable)->setTimestamp($this->toInstant($wall))->setTimezone($this->utc);
    }

    /** The first instant of the day after a date as `2026-12-31`: a typed end date means the end of that day. */
    public function endOf(string $date): ?DateTimeImmutable
    {
        if (preg_match('/^\d{4}-\d\d-\d\d$/D', $date) !== 1 || $this->instant($date) === null) {
            return null;
        }

        return $this->instant((new DateTimeImmutable($date, $this->utc))->modify('+1 day')->format('Y-m-d'));
    }

    /** @return string as `2026-12-31T23:30` on the wall clock of the shop */
    public function wall(DateTimeImmutable $instant): string
    {
        return $instant->setTimezone($this->zone)->format('Y-m-d\TH:i');
    }

    /** @param  int  $wall the wall time, counted in seconds as if it were UTC */
    private function toInstant(int $wall): int
    {
        $transitions = $this->zone->getTransitions($wall - 172_800, $wall + 172_800) ?: [];
        $earliest = null;
        foreach ($transitions as $at => $transition) {
            $instant = $wall - $transition['offset'];
            $begins = $at === 0 ? PHP_INT_MIN : $transition['ts'];
            $ends = $transitions[$at + 1]['ts'] ?? PHP_INT_MAX;
            if ($instant >= $begins && $instant < $ends) {
                return $instant;
            }
            if ($instant < $begins && $earliest === null) {
                $earliest = $begins;
            }
        }

        return $earliest ?? $wall - $this->zone->getOffset(new DateTimeImmutable("@$wall"));
    }
}
