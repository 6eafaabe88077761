<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Closure;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;

/**
 * Very many changes of what is there: prepared beside in parts, which nobody waits for, then made in one transaction as
 * one piece of the history. The parts lie in a file until then, so that memory does not grow with them.
 *
 * @phpstan-import-type Summary from Moves
 */
final class Many
{
    /** @var resource */
    private $parts;

    private int $count = 0;

    private Touched $touched;

    /** The newest piece of the history when it began. */
    private readonly int $since;

    /** The number of the piece of the history, once it is made. */
    private int $head = 0;

    /** What is done in the same transaction, once all of it is made. */
    private ?Closure $beside = null;

    /** Between two parts it is asked whether to go on, with how many of them are done. */
    private Closure $goOn;

    public function __construct(
        private readonly StoredThings $things,
        private readonly EntryChecks $checks,
        private readonly Moves $moves,
        private readonly Settling $settling,
        ?Closure $goOn = null,
        private readonly ?int $takesBack = null,
    ) {
        $this->parts = tmpfile() ?: throw new NoRoom;
        $this->touched = Touched::nothing();
        $this->since = self::newest();
        $this->goOn = $goOn ?? static fn (): bool => true;
    }

    /**
     * Something else is done with it, and what it says of pages that move is said of both together.
     *
     * @param  Closure(): (Refusal|null)  $does
     */
    public function beside(Touched $touched, Closure $does): void
    {
        $this->touched = $this->touched->and($touched);
        $this->beside = $does;
    }

    public function isEmpty(): bool
    {
        return $this->count === 0;
    }

    /**
     * Prepares some more. What tells things from another (address names, stock numbers) is not changed by many: it is
     * not looked for in parts that are prepared already.
     *
     * @param  array<string, array<int, array<string, mixed>>>  $stands  all fields of what they change
     * @return Entry|Refusal as it will be made
     */
    public function add(Entry $given, array $stands): Entry|Refusal
    {
        $entry = $given->inOrder();
        $entry = Settling::whole(
            $this->takesBack === null ? $this->settling->settled($entry, $stands) : $entry,
            $stands,
        );
        $problems = $this->checks->of($entry, $stands, true);
        if ($problems !== []) {
            return new Refusal($problems);
        }
        $line = json_encode(
            $entry->toArray(),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
        @fwrite($this->parts, $line) === strlen($line) || throw new NoRoom;
        $this->touched = $this->touched->and(Touched::by($entry, $stands));
        $this->count++;

        return $entry;
    }

    /** @return Summary|Refusal what making it would move; nothing of it stays */
    public function foresee(): array|Refusal
    {
        DB::beginTransaction();
        try {
            return $this->make(null, '');
        } finally {
            DB::rollBack();
        }
    }

    public function save(User $user, string $words): Saved|Refusal
    {
        $done = null;
        DB::beginTransaction();
        try {
            $made = $this->make($user, $words);
            $done = $made instanceof Refusal ? $made : new Saved($this->head, new Entry([]), [], $made, $words);
        } finally {
            $done instanceof Saved ? DB::commit() : DB::rollBack();
        }

        return $done;
    }

    /** @return Summary|Refusal */
    private function make(?User $user, string $words): array|Refusal
    {
        if ($this->isEmpty()) {
            return Moves::NONE;
        }
        $isAsBefore = self::newest() === $this->since;
        $refusal = null;
        $moves = $this->moves->during($this->touched, function () use ($user, $words, $isAsBefore, &$refusal): void {
            rewind($this->parts);
            for ($done = 0; $refusal === null && ($line = fgets($this->parts)) !== false; $done++) {
                $refusal = ($this->goOn)($done, $this->count)
                    ? $this->part(Entry::stored((array) json_decode($line, true)), $user, $words, $isAsBefore)
                    : new Refusal([CatalogueProblem::Stopped->at()]);
            }
            $refusal ??= $this->beside === null ? null : ($this->beside)();
        });
        if ($refusal === null && $this->head !== 0) {
            CatalogueEntry::query()->toBase()->where('id', $this->head)
                ->update(['moves' => EntryLog::moves($moves)]);
        }

        return $refusal ?? $moves;
    }

    private function part(Entry $entry, ?User $user, string $words, bool $isAsBefore): ?Refusal
    {
        $crossings = $isAsBefore ? [] : (new Applying($this->things))->crossings($entry);
        if ($crossings !== []) {
            return new Refusal([], $crossings);
        }
        $made = new Entry($this->things->writeAll($entry->changes));
        $this->things->settle();
        if ($user !== null) {
            $id = EntryLog::keep($made, $user->id, mb_substr($words, 0, 250), Moves::NONE, [], [
                'many' => true,
                'part_of_id' => $this->head === 0 ? null : $this->head,
                'takes_back_id' => $this->head === 0 ? $this->takesBack : null,
            ]);
            $this->head = $this->head === 0 ? $id : $this->head;
        }

        return null;
    }

    private static function newest(): int
    {
        $newest = CatalogueEntry::query()->toBase()->max('id');

        return is_numeric($newest) ? (int) $newest : 0;
    }
}
