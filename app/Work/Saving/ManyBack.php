<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\CatalogueEntry;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\CrossedField;
use Vestibra\Core\Catalogue\Changing\Entry;

/**
 * Takes back what was changed of very many things at once, as one. What somebody has changed since stays as it is, and
 * is named.
 */
final readonly class ManyBack
{
    private const NAMED = 20;

    public function __construct(
        private StoredThings $things,
        private EntryChecks $checks,
        private Moves $moves,
        private Settling $settling,
        private FieldWords $words,
    ) {
    }

    public function of(int $head, User $user): Saved|Refusal
    {
        $many = new Many($this->things, $this->checks, $this->moves, $this->settling, takesBack: $head);
        $left = [];
        $count = 0;
        foreach (CatalogueEntry::query()->toBase()->where('id', $head)
            ->orWhere('part_of_id', $head)
            ->orderByDesc('id')
            ->pluck('id') as $part) {
            $stored = CatalogueEntry::query()->toBase()->where('id', $part)->value('changes');
            $entry = Entry::stored((array) json_decode(is_string($stored) ? $stored : '[]', true))->invert();
            $crossings = (new Applying($this->things))->crossings($entry);
            $count += count($crossings);
            array_push($left, ...$this->named(array_slice($crossings, 0, self::NAMED - count($left))));
            $entry = self::without($entry, $crossings);
            $done = $entry->changes === [] ? $entry : $many->add($entry, $this->settling->standing($entry));
            if ($done instanceof Refusal) {
                return $done;
            }
        }
        if ($many->isEmpty()) {
            return new Refusal([CatalogueProblem::ChangedSince->at('', ['count' => $count])]);
        }
        $words = CatalogueEntry::query()->toBase()->where('id', $head)->value('words');
        $done = $many->save($user, is_string($words) ? $words : '');

        return $done instanceof Saved
            ? new Saved($done->id, $done->entry, [], $done->moves, $done->words, $left, $count)
            : $done;
    }

    /** @param  list<CrossedField>  $crossings */
    private static function without(Entry $entry, array $crossings): Entry
    {
        $crossed = [];
        foreach ($crossings as $one) {
            $crossed[Change::keyOf($one->thing, $one->id)][] = $one->field;
        }
        $changes = [];
        foreach ($entry->changes as $change) {
            $fields = $crossed[$change->key()] ?? [];
            if ($fields === []) {
                $changes[] = $change;
            } elseif ($change->before !== null && $change->after !== null && ! in_array(null, $fields, true)) {
                $off = array_flip(array_filter($fields, is_string(...)));
                $rest = array_diff_key($change->after, $off);
                $rest === [] || $changes[] = new Change(
                    $change->thing,
                    $change->id,
                    array_diff_key($change->before, $off),
                    $rest,
                );
            }
        }

        return new Entry($changes);
    }

    /**
     * @param  list<CrossedField>  $crossings
     * @return list<string>
     */
    private function named(array $crossings): array
    {
        $changes = array_map(
            static fn (CrossedField $one): Change => new Change($one->thing, $one->id, [], []),
            $crossings,
        );
        $this->words->learn(new Entry($changes));

        return array_values(array_unique(array_map($this->words->name(...), $changes)));
    }
}
