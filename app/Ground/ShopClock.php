<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\ShopZone;

/** The shop's time: now, unless somebody walks the shop as on another day. It moves the clock, not the catalogue. */
final class ShopClock
{
    private ?DateTimeImmutable $moved = null;

    private ?DateTimeImmutable $stopped = null;

    public readonly ShopZone $zone;

    public function __construct()
    {
        $this->zone = ShopZone::of(config()->string('vestibra.zone'));
    }

    public function zoneName(): string
    {
        return config()->string('vestibra.zone');
    }

    /** In whole seconds, in UTC. */
    public function now(): DateTimeImmutable
    {
        return $this->moved ?? $this->stopped ?? self::second();
    }

    /** From now on it is this moment, until it goes on: what one request says and does, it says of one moment. */
    public function stop(): void
    {
        $this->stopped = self::second();
    }

    public function goOn(): void
    {
        $this->stopped = null;
    }

    /** Whether somebody walks the shop as on another day. */
    public function isMoved(): bool
    {
        return $this->moved !== null;
    }

    public function moveTo(?DateTimeImmutable $instant): void
    {
        $this->moved = $instant;
    }

    private static function second(): DateTimeImmutable
    {
        return new DateTimeImmutable(now('UTC')->format('Y-m-d\TH:i:s\Z'));
    }
}
