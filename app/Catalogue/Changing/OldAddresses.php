<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue\Changing;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Fields;
use Vestibra\Core\Catalogue\Changing\Thing;

/** Address names that things had before: they lead on to what they named last, in one hop, as long as nothing else has the name. */
final readonly class OldAddresses
{
    /** @return array{id: int, slug: string, name: string, until: string}|null what a name led to last, if it is there still; until: the day it was given up */
    public function thing(Thing $thing, string $slug): ?array
    {
        $name = Tables::columns($thing)[Fields::title($thing)];
        $row = DB::selectOne("select t.id, t.slug, t.$name as name, o.until from old_address_names o join ".Tables::of($thing).' t on t.id = o.thing_id where o.thing = ? and o.slug = ? order by o.id desc limit 1', [$thing->value, $slug]);

        return $row === null ? null : ['id' => $row->id, 'slug' => $row->slug, 'name' => $row->name, 'until' => substr($row->until, 0, 10)];
    }

    /** The way from an old address to the one of today, with what was asked for behind it. */
    public function lead(Request $request, Thing $thing, string $slug): ?RedirectResponse
    {
        $found = $this->thing($thing, $slug);
        if ($found === null) {
            return null;
        }
        $place = mb_substr($request->getPathInfo(), 0, (int) mb_strrpos($request->getPathInfo(), '/'));
        $query = $request->getQueryString();

        return new RedirectResponse("$place/".rawurlencode($found['slug']).($query === null ? '' : "?$query"), 301);
    }

    /** Keeps the names that an entry gives up. */
    public function keep(Entry $entry): void
    {
        foreach ($entry->changes as $change) {
            $slug = in_array('slug', $change->fields(), true) ? $change->before['slug'] ?? null : null;
            if (is_string($slug)) {
                DB::table('old_address_names')->insert(['thing' => $change->thing->value, 'slug' => $slug, 'thing_id' => $change->id, 'until' => now('UTC')->toDateTimeString()]);
            }
        }
    }

    /** @return list<string> the names that a thing had, the newest first */
    public function of(Thing $thing, int $id): array
    {
        $slugs = DB::table('old_address_names')->where('thing', $thing->value)->where('thing_id', $id)->orderByDesc('id')->limit(50)->pluck('slug')->all();

        return array_values(array_unique(array_filter($slugs, is_string(...))));
    }
}
