<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\App\Work\Saving\Sql\NextNumbers;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\CrossedField;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Numbering;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The one door through which the catalogue is changed: as a whole or not at all, with its values before, to be taken
 * back as one.
 */
final readonly class Saving
{
    public function __construct(
        private StoredThings $things,
        private EntryChecks $checks,
        private Moves $moves,
        private OldAddresses $addresses,
        private EntryWords $words,
        private ShopClock $clock,
        private Settling $settling,
        private ManyBack $back,
    ) {
    }

    /**
     * @param  bool  $knowingly  an address name that led elsewhere before is taken all the same
     * @param  string  $key  the same for every try at the same save; empty for none
     */
    public function save(Entry $entry, User $user, bool $knowingly = false, string $key = ''): Saved|Refusal
    {
        return DB::transaction(fn (): Saved|Refusal => $this->before($user, $key)
            ?? $this->make($entry, $user, $knowingly, $key, null));
    }

    /** What saving would do. Nothing stays of it. */
    public function foresee(Entry $entry, bool $knowingly = false): Saved|Refusal
    {
        DB::beginTransaction();
        try {
            return $this->make($entry, null, $knowingly, '', null);
        } finally {
            DB::rollBack();
        }
    }

    /**
     * Takes an entry back as one, by a new entry; null when there is none. What was changed since is not touched: then
     * nothing is.
     */
    public function takeBack(int $id, User $user): Saved|Refusal|null
    {
        $head = CatalogueEntry::query()->toBase()->where('id', $id)->value('part_of_id') ?? $id;
        if (CatalogueEntry::query()->toBase()->where('id', $head)->where('many', true)->exists()) {
            return CatalogueEntry::query()->toBase()->where('takes_back_id', $head)->exists()
                ? new Refusal([CatalogueProblem::TakenBackAlready->at()])
                : $this->back->of((int) $head, $user);
        }
        $done = null;
        DB::beginTransaction();
        try {
            $done = $this->inverse($id, $user);
        } finally {
            $done instanceof Saved ? DB::commit() : DB::rollBack();
        }

        return $done;
    }

    /** In the transaction that is open. What was saved in parts is taken back in parts, the last first. */
    private function inverse(int $id, User $user): Saved|Refusal|null
    {
        $head = CatalogueEntry::query()->toBase()->where('id', $id)->value('part_of_id') ?? $id;
        $parts = CatalogueEntry::query()->toBase()->where('id', $head)
            ->orWhere('part_of_id', $head)
            ->orderByDesc('id')
            ->pluck('id')
            ->all();
        if ($parts === []) {
            return null;
        }
        if (CatalogueEntry::query()->toBase()->where('takes_back_id', $head)->exists()) {
            return new Refusal([CatalogueProblem::TakenBackAlready->at()]);
        }
        $first = null;
        $moves = Moves::NONE;
        foreach ($parts as $part) {
            $stored = CatalogueEntry::query()->toBase()->where('id', $part)->value('changes');
            $done = $this->make(
                Entry::stored((array) json_decode(is_string($stored) ? $stored : '[]', true))->invert(),
                $user,
                true,
                '',
                (int) $part,
            );
            if ($done instanceof Refusal) {
                return $done;
            }
            $first ??= $done;
            $moves = Moves::together($moves, $done->moves);
            $first === $done
                || CatalogueEntry::query()->toBase()->where('id', $done->id)->update(['part_of_id' => $first->id]);
        }
        if (count($parts) > 1) {
            $words = self::wordsOf((int) $head);
            CatalogueEntry::query()->toBase()->where('id', $first->id)->update([
                'words' => $words,
                'moves' => EntryLog::moves($moves),
            ]);

            return new Saved($first->id, $first->entry, $first->numbers, $moves, $words);
        }

        return $first;
    }

    private static function wordsOf(int $entry): string
    {
        $words = CatalogueEntry::query()->toBase()->where('id', $entry)->value('words');

        return is_string($words) ? $words : '';
    }

    /** The same save arrived before: its answer was lost on the way. */
    private function before(User $user, string $key): ?Saved
    {
        $row = $key === ''
            ? null
            : CatalogueEntry::query()->toBase()->where('user_id', $user->id)->where('key', $key)->first();
        if ($row === null) {
            return null;
        }
        /** @var array{moves: mixed, numbers: array<string, int>} $kept */
        $kept = json_decode($row->moves, true);

        return new Saved(
            $row->id,
            Entry::stored((array) json_decode($row->changes, true)),
            $kept['numbers'],
            Moves::stored($kept['moves']),
            $row->words,
        );
    }

    /** In the transaction that is open. */
    private function make(Entry $given, ?User $user, bool $knowingly, string $key, ?int $takesBack): Saved|Refusal
    {
        $first = array_map(
            static fn (string $thing): int =>
                NextNumbers::after(Tables::of(Thing::from($thing))),
            array_combine(array_keys(Numbering::asked($given)), array_keys(Numbering::asked($given))),
        );
        $numbering = Numbering::from($given, $first);
        $asGiven = $numbering->apply($given);
        $entry = $asGiven->inOrder();
        $stands = $this->settling->standing($entry);
        $entry = $takesBack === null ? $this->settling->settled($entry, $stands) : $entry;
        $crossings = (new Applying($this->things))->crossings($entry);
        if ($crossings !== []) {
            return self::crossed($crossings, $takesBack !== null);
        }
        $entry = Settling::whole($entry, $stands);
        $problems = $this->checks->of($entry, $stands, $knowingly);
        if ($problems !== []) {
            return new Refusal(array_map($numbering->asSent(...), $problems));
        }
        $words = $this->words->of($asGiven, $stands);
        $made = $entry;
        $moves = $this->moves->during(Touched::by($entry, $stands), function () use (&$made, $entry): void {
            $made = new Entry(array_map($this->things->write(...), $entry->changes));
            $this->things->settle();
        });
        if ($user === null) {
            return new Saved(0, $made, $numbering->toArray(), $moves, $words);
        }
        $takesBack === null && $this->addresses->keep($made);
        $this->wake($made);

        return new Saved(
            EntryLog::keep($made, $user->id, $words, $moves, $numbering->toArray(), [
                'key' => $key === '' ? null : $key,
                'takes_back_id' => $takesBack,
            ]),
            $made,
            $numbering->toArray(),
            $moves,
            $words,
        );
    }

    /** Sees to it that products are shown and hidden on their day. */
    private function wake(Entry $entry): void
    {
        foreach ($entry->changes as $change) {
            foreach ($change->thing === Thing::Product
                ? [$change->after['shownFrom'] ?? null, $change->after['shownUntil'] ?? null]
                : [] as $day) {
                $at = is_string($day) ? $this->clock->zone->instant($day) : null;
                $at !== null && $at > $this->clock->now() && Queue::later($at, new RunDueProducts);
            }
        }
    }

    /** @param  non-empty-list<CrossedField>  $crossings */
    private static function crossed(array $crossings, bool $takingBack): Refusal
    {
        $first = $crossings[0];

        return match (true) {
            $takingBack => new Refusal(
                [CatalogueProblem::ChangedSince
                    ->at(Change::keyOf($first->thing, $first->id), ['count' => count($crossings)])],
                $crossings,
            ),
            $first->field === null && $first->theirs === null => new Refusal(
                [CatalogueProblem::Gone
                    ->at(Change::keyOf($first->thing, $first->id), ['thing' => $first->thing->one()])],
                $crossings,
            ),
            default => new Refusal([], $crossings),
        };
    }
}
