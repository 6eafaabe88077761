<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Reach\Checks\InRange;

/**
 * One way in which a template takes a page, as it stands in an index: what is asked, and where it is found.
 *
 * @phpstan-import-type Entry from ClauseIndex
 * @phpstan-import-type Range from ClauseIndex
 * @phpstan-import-type Ranged from ClauseIndex
 *
 * @internal
 */
final readonly class IndexedClause
{
    /** @var Ranged|null where it compares numbers and does nothing else */
    public ?array $ranged;

    /**
     * @param  Entry  $entry
     * @param  list<array{int|null, int|null}>  $anchors  as ClauseVariant has them
     */
    private function __construct(
        public RankOfReach $rank,
        public array $entry,
        public array $anchors,
    ) {
        [, $needs, $ranges, $asks, $guarded] = $entry;
        $this->ranged = $ranges !== [] && $needs === [] && $asks === [] && $guarded === null
            ? [...$ranges[0], array_slice($ranges, 1)]
            : null;
    }

    /**
     * @param  array<int, Candidate>  $candidates  by their place in hand order
     * @return list<self> the one that wins over the others first
     */
    public static function of(array $candidates, DecidedBy $step, int $fallbackId): array
    {
        $clauses = [];
        foreach ($candidates as $hand => $candidate) {
            $reach = $candidate->reach;
            $guarded = $reach->keepOff === [] && $reach->season->isAlways() ? null : $reach;
            foreach ($reach->show as $number => $clause) {
                $unruled = $candidate->templateId === $fallbackId && $clause->conditions === [];
                foreach (ClauseVariant::of($clause) as $variant) {
                    $closeness = $variant->closeness;
                    $verdict = new Verdict($candidate->templateId, $step, $number, $closeness, unruled: $unruled);
                    $clauses[] = new self(
                        new RankOfReach($reach->goesFirst, $closeness, $hand, $number),
                        [$verdict, $variant->needs, ...self::asked($variant->asks), $guarded],
                        $variant->anchors,
                    );
                }
            }
        }
        usort($clauses, static fn (self $one, self $other): int => $one->rank->compare($other->rank));

        return $clauses;
    }

    /**
     * @param  list<Check>  $checks
     * @return array{list<Range>, list<Check>} numbers are compared where they are asked for, all else asks the page
     */
    private static function asked(array $checks): array
    {
        $ranges = $others = [];
        foreach ($checks as $check) {
            if ($check instanceof InRange) {
                $ranges[] = [$check->quantity->value, $check->min ?? PHP_INT_MIN, $check->max ?? PHP_INT_MAX];
            } else {
                $others[] = $check;
            }
        }

        return [$ranges, $others];
    }
}
