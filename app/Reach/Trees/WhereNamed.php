<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Vestibra\App\Records\Models\Template;

/**
 * The templates, parts and own blocks that name something of the shop.
 *
 * @phpstan-type Place array{id: int, name: string, role: string, pageKind: string, live: bool, draft: bool}
 */
final readonly class WhereNamed
{
    public function __construct(private TreeNames $names)
    {
    }

    /** @return list<Place> by name; in their draft, live, or both */
    public function places(int $number, string ...$things): array
    {
        return $this->listed(array_merge(
            [],
            ...array_map(fn (string $thing): array => $this->names->holding($thing, [$number]), array_values($things)),
        ));
    }

    /**
     * @param  list<int>  $numbers
     * @return list<Place> where one of several things of a sort is named
     */
    public function anyOf(string $thing, array $numbers): array
    {
        return $this->listed($this->names->holding($thing, $numbers));
    }

    /** @return array<int, list<Place>> everything of a sort that is named, by its number */
    public function each(string $thing): array
    {
        $trees = $this->names->all($thing);
        $known = array_column($this->listed(array_merge([], ...array_values($trees))), null, 'id');
        $each = [];
        foreach ($trees as $number => $some) {
            $in = [];
            foreach ($some as $tree) {
                $in[$tree['template']][$tree['live'] ? 'live' : 'draft'] = true;
            }
            foreach (array_intersect_key($known, $in) as $id => $place) {
                $each[$number][] = ['live' => isset($in[$id]['live']), 'draft' => isset($in[$id]['draft'])] + $place;
            }
        }

        return $each;
    }

    /**
     * @param  array<array{template: int, live: bool}>  $trees
     * @return list<Place>
     */
    private function listed(array $trees): array
    {
        $in = [];
        foreach ($trees as $tree) {
            $in[$tree['template']][$tree['live'] ? 'live' : 'draft'] = true;
        }
        $places = [];
        foreach (
            Template::query()->toBase()->whereIntegerInRaw('id', array_keys($in))->orderBy('name')->orderBy('id')->get(
                ['id', 'name', 'role', 'page_kind'],
            ) as $row
        ) {
            $places[] = [
                'id' => (int) $row->id,
                'name' => (string) $row->name,
                'role' => (string) $row->role,
                'pageKind' => (string) $row->page_kind,
                'live' => $in[$row->id]['live'] ?? false,
                'draft' => $in[$row->id]['draft'] ?? false,
            ];
        }

        return $places;
    }
}
