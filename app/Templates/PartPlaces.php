<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Illuminate\Support\Facades\DB;

/**
 * Where shared parts and products' own blocks stand.
 *
 * @phpstan-type Place array{id: int, name: string, pageKind: string, live: bool, draft: bool}
 */
final readonly class PartPlaces
{
    /** @return list<Place> the templates that share a part, in their draft or live, by name */
    public static function ofPart(int $part): array
    {
        return self::holding('part', $part);
    }

    /** @return list<int> templates of pages whose live tree shares a part */
    public static function liveTemplates(int $part): array
    {
        return self::live(self::ofPart($part));
    }

    /** @return list<int> templates of pages whose live tree shows a fact's blocks, by itself or in a part */
    public static function showing(int $fact): array
    {
        $templates = [];
        foreach (self::holding('fact', $fact) as $place) {
            if ($place['live']) {
                array_push($templates, ...($place['pageKind'] === 'part' ? self::liveTemplates($place['id']) : [$place['id']]));
            }
        }

        return array_values(array_unique($templates));
    }

    /** @return list<Place> */
    private static function holding(string $setting, int $number): array
    {
        $holds = static fn (string $tree): string => "(t.$tree is not null and instr(t.$tree, '\"$setting\":' || ?1) > 0 and exists"
            ." (select 1 from json_tree(t.$tree) j where j.key = '$setting' and j.value = ?1 and j.path like '%.what'))";
        $rows = DB::select(
            "select * from (select t.id, t.name, t.page_kind, {$holds('live_tree')} as live, {$holds('draft_tree')} as draft from templates t) where live or draft order by name, id",
            [$number],
        );
        $places = [];
        foreach ($rows as $row) {
            $places[] = ['id' => $row->id, 'name' => $row->name, 'pageKind' => $row->page_kind, 'live' => (bool) $row->live, 'draft' => (bool) $row->draft];
        }

        return $places;
    }

    /**
     * @param  list<Place>  $places
     * @return list<int>
     */
    private static function live(array $places): array
    {
        return array_column(array_filter($places, static fn (array $place): bool => $place['live'] && $place['pageKind'] === 'product'), 'id');
    }
}
