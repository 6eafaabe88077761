<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Illuminate\Support\Facades\DB;
use LogicException;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Reach\Trees\Sql\TreesBehind;
use Vestibra\App\Records\Models\IndexedTree;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\TreeName;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Named;

/**
 * The index of what stands in trees: the things that their settings name, and the kinds of their blocks. A tree is read
 * anew when its revision is another one than the index holds.
 */
final readonly class TreeNames
{
    /** The thing that a kind of block is listed as. */
    public const BLOCK = 'block';

    private const AT_ONCE = 300;

    public function __construct(
        private StoredDrafts $stored,
        private Composer $composer,
    ) {
    }

    /**
     * @param  array<int|string>  $names
     * @return list<array{template: int, live: bool}> the trees in which one of them stands
     */
    public function holding(string $thing, array $names): array
    {
        $this->catchUp();

        return array_values(array_map(
            static fn (object $row): array => ['template' => (int) $row->template_id, 'live' => (bool) $row->live],
            TreeName::query()->toBase()->where('thing', $thing)
                ->whereIn('name', array_map(strval(...), $names))
                ->distinct()
                ->orderBy('template_id')
                ->get(['template_id', 'live'])
                ->all(),
        ));
    }

    /**
     * @return array<int, list<array{template: int, live: bool}>> everything of a sort that stands in trees, by its
     *     number
     */
    public function all(string $thing): array
    {
        NoRoom::passOver($this->catchUp(...));
        $all = [];
        foreach (TreeName::query()->toBase()->where('thing', $thing)
            ->orderBy('template_id')
            ->get(['template_id', 'live', 'name']) as $row) {
            $all[(int) $row->name][] = ['template' => (int) $row->template_id, 'live' => (bool) $row->live];
        }

        return $all;
    }

    private function catchUp(): void
    {
        if (! TreesBehind::any()) {
            return;
        }
        DB::transaction(function (): void {
            foreach (TreesBehind::all() as $tree) {
                $this->index($tree->id, (bool) $tree->live, $tree->revision);
            }
        });
    }

    private function index(int $template, bool $live, ?int $revision): void
    {
        $tree = ['template_id' => $template, 'live' => $live];
        TreeName::query()->toBase()->where($tree)->delete();
        IndexedTree::query()->toBase()->where($tree)->delete();
        if ($revision === null) {
            return;
        }
        $rows = [];
        foreach ($this->things(
            (string) Template::query()->toBase()->where('id', $template)->value($live ? 'live_tree' : 'draft_tree'),
        ) as $thing => $names) {
            foreach (array_keys($names) as $name) {
                $rows[] = $tree + ['thing' => $thing, 'name' => (string) $name];
            }
        }
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            TreeName::query()->toBase()->insert($some);
        }
        IndexedTree::query()->toBase()->insert($tree + ['revision' => $revision]);
    }

    /** @return array<string, array<int|string, true>> thing => names; none of a tree that cannot be read any more */
    private function things(string $stored): array
    {
        try {
            $tree = $this->stored->tree(json_decode($stored, true));
        } catch (LogicException) {
            return [];
        }
        $things = Named::in($tree, $this->composer->schema);
        foreach ($tree->walk() as $block) {
            $things[self::BLOCK][$block->kind] = true;
        }

        return $things;
    }
}
