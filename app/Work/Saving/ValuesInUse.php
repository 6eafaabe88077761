<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Work\Saving\Sql\OptionRows;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Merge;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/** What variants hold of options and values that are deleted or moved, once everything else of the entry is done. */
final readonly class ValuesInUse
{
    /** @return list<Problem> */
    public function of(Entry $entry): array
    {
        $moved = $values = $options = [];
        foreach ($entry->changes as $change) {
            if ($change->thing === Thing::OptionValue && $change->isDeleted()) {
                $values[] = $change->id;
            } elseif ($change->thing === Thing::OptionValue
                && ! $change->isMade()
                && is_int($change->after['option'] ?? null)) {
                $moved[$change->id] = $change->after['option'];
            } elseif ($change->thing === Thing::Option && $change->isDeleted()) {
                $options[] = $change->id;
            }
        }
        if ($moved === [] && $values === [] && $options === []) {
            return [];
        }
        $held = self::held([...$values, ...array_keys($moved)], $options, $moved, $entry);

        return [...self::needed($held, $values, $options), ...self::together($held, $moved)];
    }

    /**
     * @param  array<int, array<int, int>>  $held
     * @param  list<int>  $values
     * @param  list<int>  $options
     * @return list<Problem>
     */
    private static function needed(array $held, array $values, array $options): array
    {
        $problems = [];
        foreach ([[Thing::OptionValue, $values], [Thing::Option, $options]] as [$thing, $ids]) {
            foreach ($ids as $id) {
                $count = count(array_filter($held, static fn (array $of): bool => $thing === Thing::Option
                    ? in_array($id, $of, true)
                    : isset($of[$id])));
                if ($count > 0) {
                    $problems[] = CatalogueProblem::StillUsed
                        ->at(Change::keyOf($thing, $id), ['count' => $count, 'what' => 'variants']);
                }
            }
        }

        return $problems;
    }

    /**
     * @param  array<int, array<int, int>>  $held
     * @param  array<int, int>  $moved
     * @return list<Problem>
     */
    private static function together(array $held, array $moved): array
    {
        $twice = array_keys(array_filter($held, static fn (array $of): bool => count(array_unique($of)) < count($of)));
        if ($moved === [] || $twice === []) {
            return [];
        }
        $sku = Variant::query()->toBase()->where('id', $twice[0])->value('sku');

        return [CatalogueProblem::OptionsTogether->at(
            Change::keyOf(Thing::OptionValue, array_key_first($moved)).'/option',
            ['count' => count($twice), 'sku' => is_string($sku) ? $sku : ''],
        )];
    }

    /**
     * @param  list<int>  $values
     * @param  list<int>  $options
     * @param  array<int, int>  $moved  value => its option from now on
     * @return array<int, array<int, int>> by variant: value => option, of every variant that has one of them now
     */
    private static function held(array $values, array $options, array $moved, Entry $entry): array
    {
        [$anyValue, $anyOption] = [implode(',', $values) ?: '0', implode(',', $options) ?: '0'];
        $held = [];
        foreach (OptionRows::held($anyValue, $anyOption) as $row) {
            $held[(int) $row->variant_id][(int) $row->option_value_id] = (int) $row->option_id;
        }
        $of = [];
        foreach ($entry->changes as $change) {
            if ($change->thing === Thing::Variant && isset($held[$change->id]) && ($change->isDeleted()
                || isset($change->after['values']))) {
                $has = Merge::ids($change->after['values'] ?? []);
                $of += self::optionsOf(array_values(array_diff($has, array_keys($of))));
                $held[$change->id] = array_intersect_key($of, array_flip($has));
            }
        }

        return array_map(
            static fn (array $has): array => array_replace($has, array_intersect_key($moved, $has)),
            $held,
        );
    }

    /**
     * @param  list<int>  $values
     * @return array<int, int>
     */
    private static function optionsOf(array $values): array
    {
        $of = [];
        foreach ($values === []
            ? []
            : OptionValue::query()->toBase()->whereIntegerInRaw('id', $values)->get(['id', 'option_id']) as $row) {
            $of[(int) $row->id] = (int) $row->option_id;
        }

        return $of;
    }
}
