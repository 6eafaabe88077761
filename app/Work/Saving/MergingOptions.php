<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\Sql\OptionRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * What changes around two options, or two values of one option, that become one: values of the same name become one
 * too, the others move over.
 */
final readonly class MergingOptions
{
    public function __construct(private StoredThings $things)
    {
    }

    /** @return int variants that change with it */
    public function count(Thing $thing, int $from, int $into): int
    {
        $values = match ($thing) {
            Thing::OptionValue => [$from],
            Thing::Option => array_keys(self::same($from, $into)),
            default => [],
        };

        return $values === []
            ? 0
            : Link::in('variant_values')->toBase()->whereIntegerInRaw('option_value_id', $values)->count();
    }

    /** @return list<Change> */
    public function option(int $from, int $into): array
    {
        $same = self::same($from, $into);
        $values = $this->things->read(Thing::OptionValue, [...array_keys($same), ...array_values($same)]);
        $kept = $deleted = [];
        foreach ($same as $one => $other) {
            $kept[] = new Change(Thing::OptionValue, $other, ['mergedFrom' => $values[$other]['mergedFrom']], [
                'mergedFrom' => Merging::mergedFrom($values, $one, $other),
            ]);
            $deleted[] = new Change(Thing::OptionValue, $one, $values[$one], null);
        }

        return [...$this->variants($same), ...$kept, ...self::moved($from, $into, array_keys($same)), ...$deleted];
    }

    /**
     * @param  array<int, int>  $values  value => what it becomes
     * @return list<Change>
     */
    public function variants(array $values): array
    {
        $ids = $values === []
            ? []
            : Link::in('variant_values')->toBase()->whereIntegerInRaw('option_value_id', array_keys($values))
                ->distinct()
                ->pluck('variant_id')
                ->all();
        $changes = [];
        foreach (array_chunk(array_map(intval(...), $ids), 500) as $some) {
            foreach ($this->things->read(Thing::Variant, $some) as $id => $stands) {
                $has = $after = Merging::ids($stands['values'] ?? []);
                foreach (array_intersect_key($values, array_flip($has)) as $from => $into) {
                    $after = Merging::replaced($after, $from, $into);
                }
                $changes[] = new Change(Thing::Variant, $id, ['values' => $has], ['values' => $after]);
            }
        }

        return $changes;
    }

    /**
     * @param  list<int>  $gone
     * @return list<Change> the values that only the one option has, behind those of the other
     */
    private static function moved(int $from, int $into, array $gone): array
    {
        $place = (int) OptionValue::query()->toBase()->where('option_id', $into)->max('position');
        $changes = [];
        foreach (OptionValue::query()->toBase()->where('option_id', $from)
            ->whereNotIn('id', $gone)
            ->orderBy('position')
            ->orderBy('id')
            ->get(['id', 'position']) as $row) {
            $changes[] = new Change(
                Thing::OptionValue,
                (int) $row->id,
                ['option' => $from, 'position' => (int) $row->position],
                ['option' => $into, 'position' => ++$place],
            );
        }

        return $changes;
    }

    /** @return array<int, int> values of the one option => those of the same name of the other */
    private static function same(int $from, int $into): array
    {
        $same = [];
        foreach (OptionRows::alike($from, $into) as $row) {
            $same[(int) $row->one] = (int) $row->other;
        }

        return $same;
    }
}
