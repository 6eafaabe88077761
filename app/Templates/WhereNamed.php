<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Named;

/**
 * The templates, parts and own blocks that name something of the shop.
 *
 * @phpstan-type Place array{id: int, name: string, role: string, pageKind: string, live: bool, draft: bool}
 */
final readonly class WhereNamed
{
    public function __construct(
        private StoredDrafts $stored,
        private Composer $composer,
    ) {
    }

    /** @return list<Place> by name; in their draft, live, or both */
    public function places(int $number, string ...$things): array
    {
        $places = [];
        // The number's digits stand in every tree that names it; which of those do is read from the trees themselves.
        $rows = DB::select(
            'select id, name, role, page_kind, case when instr(live_tree, ?1) > 0 then live_tree end as live_tree, case when instr(draft_tree, ?1) > 0 then draft_tree end as draft_tree'
            .' from templates where instr(draft_tree, ?1) > 0 or instr(live_tree, ?1) > 0 order by name, id',
            [(string) $number],
        );
        foreach ($rows as $row) {
            $live = $this->names($row->live_tree, $number, $things);
            $draft = $row->draft_tree === $row->live_tree ? $live : $this->names($row->draft_tree, $number, $things);
            if ($live || $draft) {
                $places[] = ['id' => $row->id, 'name' => $row->name, 'role' => $row->role, 'pageKind' => $row->page_kind, 'live' => $live, 'draft' => $draft];
            }
        }

        return $places;
    }

    /** @param  array<array-key, string>  $things */
    private function names(?string $tree, int $number, array $things): bool
    {
        if ($tree === null) {
            return false;
        }
        $named = Named::in($this->stored->tree(json_decode($tree, true)), $this->composer->schema);
        foreach ($things as $thing) {
            if (isset($named[$thing][$number])) {
                return true;
            }
        }

        return false;
    }
}
