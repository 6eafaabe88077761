<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use LogicException;
use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Catalogue\Changing\Entry;

/**
 * What is too much for one piece of the history, saved in several in one transaction: the first leads, and all of them
 * are taken back as one.
 *
 * @phpstan-import-type Summary from Moves
 */
final class InParts
{
    /** @var list<int> */
    private array $ids = [];

    /** @var Summary */
    private array $moves = Moves::NONE;

    public function __construct(
        private readonly Saving $saving,
        private readonly User $user,
    ) {
        DB::transactionLevel() > 0
            || throw new LogicException('Parts are saved together or not at all: in one transaction.');
    }

    public function add(Entry $entry): Saved|Refusal
    {
        $done = $this->saving->save($entry, $this->user, true);
        if ($done instanceof Saved) {
            $this->ids[] = $done->id;
            $this->moves = Moves::together($this->moves, $done->moves);
        }

        return $done;
    }

    /** @return int the leading entry's number; 0 where nothing was saved */
    public function close(string $words): int
    {
        $head = $this->ids[0] ?? 0;
        if ($head !== 0) {
            CatalogueEntry::query()->toBase()->where('id', $head)->update([
                'words' => mb_substr($words, 0, 250),
                'moves' => EntryLog::moves($this->moves),
            ]);
            CatalogueEntry::query()->toBase()
                ->whereIntegerInRaw('id', array_slice($this->ids, 1))
                ->update(['part_of_id' => $head]);
        }

        return $head;
    }

    /** @return Summary of all parts; a page that moved in two of them counts twice */
    public function moves(): array
    {
        return $this->moves;
    }
}
