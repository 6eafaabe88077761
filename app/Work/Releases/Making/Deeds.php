<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use LogicException;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\FallbackChange;
use Vestibra\Core\Releases\HandOrderChange;
use Vestibra\Core\Releases\HouseStyleChange;
use Vestibra\Core\Releases\MessagesChange;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\PinsChange;
use Vestibra\Core\Releases\ReleaseChange;
use Vestibra\Core\Releases\TemplateChange;

/** What a set of changes means to the shop. A new kind of change is one class and one line in `of()`. */
final class Deeds
{
    public static function of(ReleaseChange $change): ReleaseDeed
    {
        return match (true) {
            $change instanceof TemplateChange => new TemplateDeed($change),
            $change instanceof FallbackChange => new FallbackDeed($change),
            $change instanceof HandOrderChange => new HandOrderDeed($change),
            $change instanceof HouseStyleChange => new HouseStyleDeed($change),
            $change instanceof MessagesChange => new MessagesDeed($change),
            $change instanceof PinsChange => new PinsDeed($change),
            default => throw new LogicException('Nobody says what a change means to the shop: '.$change::class),
        };
    }

    /** @return list<Problem> why they cannot be made now */
    public static function problems(Changes $changes): array
    {
        $problems = array_map(static fn (ReleaseDeed $deed): ?Problem => $deed->problem(), self::all($changes));

        return array_values(array_filter($problems));
    }

    /** With the values before as they are now. */
    public static function now(Changes $changes): Changes
    {
        return Changes::of(
            ...array_map(static fn (ReleaseDeed $deed): ReleaseChange => $deed->now(), self::all($changes)),
        );
    }

    public static function apply(Changes $changes): void
    {
        foreach (self::all($changes) as $deed) {
            $deed->apply();
        }
    }

    public static function words(Changes $changes): string
    {
        return implode(', ', array_map(static fn (ReleaseDeed $deed): string => $deed->words(), self::all($changes)));
    }

    /** @return list<PageKind> the kinds of pages that may change */
    public static function kinds(Changes $changes, AskedByChanges $shop): array
    {
        $kinds = array_merge(
            [],
            ...array_map(static fn (ReleaseDeed $deed): array => $deed->kinds($shop), self::all($changes)),
        );

        return array_values(
            array_filter(PageAddresses::kinds(), static fn (PageKind $kind): bool => in_array($kind, $kinds, true)),
        );
    }

    /** Which pages look different with them, where they keep their template. */
    public static function looks(Changes $changes, AskedByChanges $shop): NewLooks
    {
        return array_reduce(
            self::all($changes),
            static fn (NewLooks $looks, ReleaseDeed $deed): NewLooks => $looks->with($deed->looks($shop)),
            new NewLooks,
        );
    }

    /** @return list<ReleaseDeed> */
    private static function all(Changes $changes): array
    {
        return array_map(self::of(...), $changes->list);
    }
}
