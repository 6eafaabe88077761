<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use stdClass;
use Vestibra\App\Work\Releases\Sql\ImpactRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\PageOutcome;

/** Pages whose templates before and after are known, by where they come from and go to: as `ImpactRows::groups()`. */
final class KnownGroups
{
    /**
     * @param  array<int, array{int, int}>  $pages  before and after, by page
     * @return list<object{before_id: int, after_id: int, page_id: int, count: int}&stdClass>  the first pages of each
     *     group that moves or looks different, the largest group first
     */
    public static function of(array $pages, PageKind $kind, NewLooks $looks): array
    {
        ksort($pages);
        $counts = $first = [];
        foreach ($pages as $page => [$before, $after]) {
            if (PageOutcome::of($before, $after, $looks->holds($kind, $page, $before)) === PageOutcome::Stays) {
                continue;
            }
            $count = $counts[$before][$after] = ($counts[$before][$after] ?? 0) + 1;
            if ($count <= ImpactRows::FIRST) {
                $first[$before][$after][] = $page;
            }
        }
        $groups = [];
        foreach ($counts as $before => $afters) {
            foreach ($afters as $after => $count) {
                $groups[] = [-$count, $before, $after];
            }
        }
        sort($groups);
        $rows = [];
        foreach ($groups as [$less, $before, $after]) {
            foreach ($first[$before][$after] as $page) {
                $rows[] = (object) [
                    'before_id' => $before, 'after_id' => $after, 'page_id' => $page, 'count' => -$less,
                ];
            }
        }

        return $rows;
    }
}
