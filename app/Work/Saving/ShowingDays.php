<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Catalogue\EntryThing;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\OnTheShelf;
use Vestibra\Core\Catalogue\Changing\Thing;

/** Shows and hides the products whose day has come, as a piece of the history of whoever said so. */
final readonly class ShowingDays
{
    private const AT_ONCE = 200;

    public function __construct(
        private Saving $saving,
        private StoredThings $things,
        private ShopClock $clock,
    ) {
    }

    public function runDue(): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        DB::transaction(function () use ($now): void {
            $due = Product::query()->toBase()
                ->where('show_from', '<=', $now)
                ->orWhere('show_until', '<=', $now)
                ->orderBy('id')
                ->limit(self::AT_ONCE)
                ->get(['id'])
                ->all();
            $changes = [];
            foreach ($this->things->read(Thing::Product, array_column($due, 'id')) as $id => $stands) {
                $after = OnTheShelf::at($stands, str_replace(' ', 'T', $now).'Z');
                $changes[$this->author($id)][] =
                    new Change(Thing::Product, $id, array_intersect_key($stands, $after), $after);
            }
            foreach ($changes as $author => $some) {
                $this->saving->save(new Entry($some), User::query()->findOrFail($author), true);
            }
        });
    }

    private function author(int $product): int
    {
        return (int) (EntryThing::query()->toBase()
            ->join('catalogue_entries', 'catalogue_entries.id', '=', 'entry_id')
            ->where('thing', 'product')
            ->where('thing_id', $product)
            ->orderByDesc('entry_id')
            ->value('user_id')
            ?? User::query()->where('role', User::OWNER)->oldest('id')->value('id'));
    }
}
