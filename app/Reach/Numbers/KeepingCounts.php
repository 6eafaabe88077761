<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Numbers;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\AssortmentPages;
use Vestibra\App\Records\Catalogue\Sql\FactCounts;
use Vestibra\App\Records\Catalogue\Sql\KeptCounts;

/**
 * Keeps how many products sets of them have, and for how many each fact is filled in. Triggers take away what changes.
 */
final readonly class KeepingCounts
{
    public function __construct(private PagesOfTheShop $pages)
    {
    }

    /** Counts what is missing. */
    public function bringUp(): void
    {
        foreach ($this->counted() as [$thing, $table, $anew]) {
            DB::transaction(static fn () => KeptCounts::keep($thing, $table, $anew));
        }
    }

    public function rebuild(): void
    {
        KeptCounts::throwAway();
        $this->bringUp();
    }

    /** @return int how many are kept otherwise than they are counted */
    public function wrong(): int
    {
        return array_sum(array_map(static fn (array $one): int => KeptCounts::wrong(...$one), $this->counted()));
    }

    /** @return list<array{string, string, string}> thing, table and SQL that counts one called `p` */
    private function counted(): array
    {
        $counted = [['fact', 'facts', FactCounts::ANEW]];
        foreach ($this->pages->pages() as $pages) {
            if ($pages instanceof AssortmentPages) {
                $counted[] = [$pages->kind()->value, $pages->table(), $pages->anew()];
            }
        }

        return $counted;
    }
}
