<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * What became of compiled rules since they were packed, where only a few templates changed: those alone are compiled.
 * `Evaluator::unpack()` takes it beside what was packed, and decides as if all were compiled anew.
 *
 * @phpstan-import-type Packed from Evaluator
 * @phpstan-import-type Rest from Evaluator
 * @phpstan-import-type Packed from ClauseIndex as PackedIndex
 * @phpstan-import-type CutOff from ClauseIndex
 * @phpstan-import-type Changes from ChangedIndex as ChangesOfIndex
 *
 * @phpstan-type Changes array{gone: array<int, true>, live: array<int, true>, first: ChangesOfIndex|null,
 *     others: ChangesOfIndex, horizon: string|null}
 *
 * @api
 */
final readonly class ChangedRules
{
    /**
     * @param  Packed  $packed
     * @param  Rest  $rest  of the same evaluator
     * @param  list<int>  $order  all templates that are live now, in hand order
     * @param  array<int, CompiledReach>  $changed  of those among them that changed, or that were not live
     * @return Changes|null null where the others stand in another order than they did
     */
    public static function of(array $packed, array $rest, array $order, array $changed): ?array
    {
        $hand = array_flip($order);
        $before = array_fill_keys($rest['order'], true);
        $gone = array_diff_key($before, $hand) + array_intersect_key($before, $changed);
        $staying = array_values(array_filter($rest['order'], static fn (int $id): bool => ! isset($gone[$id])));
        if ($staying !== array_values(array_filter($order, static fn (int $id): bool => ! isset($changed[$id])))) {
            return null;
        }
        $times = array_diff_key($rest['times'], $gone);
        $first = $others = [];
        foreach ($changed as $id => $reach) {
            $candidate = new Candidate($id, true, $reach);
            if ($reach->goesFirst) {
                $first[$hand[$id]] = $candidate;
            } else {
                $others[$hand[$id]] = $candidate;
            }
            $times[$id] = Horizon::times([$reach]);
        }
        $horizon = Horizon::of(array_filter($times));
        $fallback = $packed['fallback'];

        return [
            'gone' => $gone,
            'live' => array_fill_keys(array_keys($changed), true),
            'first' => $packed['first'] === null && $first === [] ? null : ChangedIndex::of(
                $packed['first'] ?? self::nothing(),
                $rest['first'] ?? self::nothingCutOff(),
                $gone,
                IndexedClause::of($first, DecidedBy::GoesFirst, $fallback),
                $hand,
            ),
            'others' => ChangedIndex::of(
                $packed['others'],
                $rest['others'],
                $gone,
                IndexedClause::of($others, DecidedBy::Closest, $fallback),
                $hand,
            ),
            'horizon' => $horizon === null ? null : serialize($horizon),
        ];
    }

    /** @return PackedIndex of no clauses at all */
    public static function nothing(): array
    {
        return ['entries' => [], 'guards' => [], 'pairs' => [], 'singles' => [], 'ranged' => [], 'anywhere' => []];
    }

    /** @return CutOff */
    private static function nothingCutOff(): array
    {
        return ['pairs' => [], 'singles' => [], 'anywhere' => []];
    }
}
