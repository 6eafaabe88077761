<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Shop\OldAddressName;
use Vestibra\App\Records\Stored\Sql\OldAddressRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;

/**
 * Address names that things had before: they lead on to what they named last, in one hop, as long as nothing else has
 * the name.
 */
final readonly class OldAddresses
{
    /**
     * @return array{id: int, slug: string, name: string, until: string}|null what a name led to last, if it is there
     *     still; until: the day it was given up
     */
    public function thing(Thing $thing, string $slug): ?array
    {
        $name = Tables::columns($thing)[ThingFields::title($thing)];
        $merged = LivingNames::MERGED[$thing->value] ?? null;
        $id = $merged === null
            ? 'o.thing_id'
            : "coalesce((select m.$merged[1] from $merged[0] m where m.merged_id = o.thing_id), o.thing_id)";
        $row = OldAddressRows::thing($name, $thing, $id, $slug);

        return $row === null
            ? null
            : ['id' => $row->id, 'slug' => $row->slug, 'name' => $row->name, 'until' => substr($row->until, 0, 10)];
    }

    /** Whether something of this kind has such an address name now. */
    public function isTaken(Thing $thing, string $slug): bool
    {
        return isset(Tables::columns($thing)['slug']) && Rows::in(Tables::of($thing))->where('slug', $slug)->exists();
    }

    /** Keeps the names that an entry gives up, those of what is merged into something else among them. */
    public function keep(Entry $entry): void
    {
        $merged = [];
        foreach ($entry->changes as $change) {
            foreach (is_array($change->after['mergedFrom'] ?? null) ? $change->after['mergedFrom'] : [] as $id) {
                is_int($id) && $merged[Change::keyOf($change->thing, $id)] = true;
            }
        }
        foreach ($entry->changes as $change) {
            $slug = in_array('slug', $change->fields(), true)
                || ($change->isDeleted() && isset($merged[$change->key()]))
                ? $change->before['slug'] ?? null
                : null;
            if (is_string($slug)) {
                OldAddressName::query()->toBase()->insert([
                    'thing' => $change->thing->value,
                    'slug' => $slug,
                    'thing_id' => $change->id,
                    'until' => now('UTC')->toDateTimeString(),
                ]);
            }
        }
    }

    /** @return list<string> the names that a thing had, the newest first */
    public function of(Thing $thing, int $id): array
    {
        $merged = LivingNames::MERGED[$thing->value] ?? null;
        $ids = [
            $id,
            ...$merged === null ? [] : Rows::in($merged[0])->where($merged[1], $id)->pluck('merged_id')->all(),
        ];
        $slugs = OldAddressName::query()->toBase()->where('thing', $thing->value)
            ->whereIntegerInRaw('thing_id', $ids)
            ->orderByDesc('id')
            ->limit(50)
            ->pluck('slug')
            ->all();

        return array_values(array_unique(array_filter($slugs, is_string(...))));
    }
}
