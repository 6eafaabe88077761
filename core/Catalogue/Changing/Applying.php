<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * Making an entry, as a whole or not at all. The unit of conflict is one field of one thing: two people may change the
 * same product, and the second is told only where both changed the same field to different values.
 *
 * @api
 */
final readonly class Applying
{
    public function __construct(private Records $records)
    {
    }

    /** @return list<CrossedField> empty when the entry can be made as it is */
    public function crossings(Entry $entry): array
    {
        $stands = $this->standing($entry);
        $crossings = [];
        foreach ($entry->changes as $change) {
            array_push($crossings, ...self::crossing($change, $stands[$change->thing->value][$change->id] ?? null));
        }

        return $crossings;
    }

    /** @return Entry|non-empty-list<CrossedField> the entry as it was made, or why nothing was changed */
    public function apply(Entry $entry): Entry|array
    {
        $crossings = $this->crossings($entry);

        return $crossings !== [] ? $crossings : new Entry(array_map($this->records->write(...), $entry->changes));
    }

    /** @return array<string, array<int, array<string, mixed>>> by thing and number */
    private function standing(Entry $entry): array
    {
        $ids = [];
        foreach ($entry->changes as $change) {
            $ids[$change->thing->value][] = $change->id;
        }
        $stands = [];
        foreach ($ids as $thing => $list) {
            $stands[$thing] = $this->records->read(Thing::from($thing), $list);
        }

        return $stands;
    }

    /**
     * @param  array<string, mixed>|null  $stands
     * @return list<CrossedField>
     */
    private static function crossing(Change $change, ?array $stands): array
    {
        if ($change->before === null || $stands === null) {
            return ($change->before === null) === ($stands === null)
                ? []
                : [new CrossedField($change->thing, $change->id, null, $stands, $change->after)];
        }
        $crossings = [];
        foreach ($change->before as $name => $was) {
            $now = $stands[$name] ?? null;
            $wanted = $change->after === null ? $was : $change->after[$name] ?? null;
            if ($now !== $was && $now !== $wanted) {
                $crossings[] = new CrossedField($change->thing, $change->id, $name, $now, $wanted);
            }
        }

        return $crossings;
    }
}
