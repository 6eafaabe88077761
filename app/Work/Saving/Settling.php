<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\OnTheShelf;
use Vestibra\Core\Catalogue\Changing\Thing;

/** An entry before it is made: what stands of what it changes, and what comes with it by itself. */
final readonly class Settling
{
    public function __construct(
        private StoredThings $things,
        private ShopClock $clock,
    ) {
    }

    /** @return array<string, array<int, array<string, mixed>>> all fields of what it changes, by thing and number */
    public function standing(Entry $entry): array
    {
        $stands = [];
        foreach (Thing::cases() as $thing) {
            $ids = $entry->ids($thing);
            $ids === [] || $stands[$thing->value] = $this->things->read($thing, $ids);
        }

        return $stands;
    }

    /** @param  array<string, array<int, array<string, mixed>>>  $stands */
    public function settled(Entry $entry, array $stands): Entry
    {
        $now = $this->clock->now()->format('Y-m-d\TH:i:s\Z');

        return new Entry(array_map(
            static fn (Change $change): Change =>
                OnTheShelf::settled($change, $stands[$change->thing->value][$change->id] ?? null, $now),
            $entry->changes,
        ));
    }

    /**
     * With all fields of what is deleted, so that it can come back.
     *
     * @param  array<string, array<int, array<string, mixed>>>  $stands
     */
    public static function whole(Entry $entry, array $stands): Entry
    {
        return new Entry(array_map(
            static fn (Change $change): Change => $change->after === null
                ? new Change(
                    $change->thing,
                    $change->id,
                    $stands[$change->thing->value][$change->id] ?? $change->before,
                    null,
                    $change->alongside,
                )
                : $change,
            $entry->changes,
        ));
    }
}
