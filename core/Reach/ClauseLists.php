<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * The ranks of clauses under the tokens by which they are found, whole: an index cuts them off where none after it can
 * win.
 *
 * @phpstan-import-type Ranged from ClauseIndex
 *
 * @internal
 */
final class ClauseLists
{
    /** @var array<int, array<int, list<int>>> */
    public array $pairs = [];

    /** @var array<int, list<int>> */
    public array $singles = [];

    /** @var array<int, Ranged> by rank */
    public array $ranged = [];

    /** @var list<int> other clauses that no token tells of */
    public array $anywhere = [];

    public function add(int $rank, IndexedClause $clause): void
    {
        foreach ($clause->anchors as [$first, $second]) {
            if ($first !== null && $second !== null) {
                $this->pairs[$first][$second][] = $rank;
            } elseif ($first !== null) {
                $this->singles[$first][] = $rank;
            } elseif ($clause->ranged !== null) {
                $this->ranged[$rank] = $clause->ranged;
            } else {
                $this->anywhere[] = $rank;
            }
        }
    }
}
