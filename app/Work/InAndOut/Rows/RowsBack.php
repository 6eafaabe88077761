<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Problem;

/** Takes a file of rows back as one: its piece of the history, and the release that pinned pages; both or nothing. */
final readonly class RowsBack
{
    public function __construct(
        private Saving $saving,
        private Releases $releases,
    ) {
    }

    /**
     * @param  int  $entry  0: it changed nothing of the catalogue
     * @param  int  $release  0: it pinned nothing
     * @param  string  $key  the same for every try, which is made once; empty for none
     * @return Saved|Refusal|non-empty-list<Problem>|null null: there was no entry to take back, or there is none such
     */
    public function take(int $entry, int $release, User $user, string $key): Saved|Refusal|array|null
    {
        $isDone = false;
        $saved = null;
        DB::beginTransaction();
        try {
            $brought = $release === 0 ? null : $this->releases->bringBack($release, $user, $key);
            if (is_array($brought)) {
                return $brought;
            }
            $saved = $entry === 0 ? null : $this->saving->takeBack($entry, $user);
            $isDone = $entry === 0 || $saved instanceof Saved;
        } finally {
            $isDone ? DB::commit() : DB::rollBack();
        }

        return $saved;
    }
}
