<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;

/**
 * The order in which blocks stand in one place, with those that have gone since still in the line: so what comes back
 * finds its place although its neighbours have gone, or have gone and come back.
 *
 * @internal
 */
final readonly class BlockOrder
{
    /**
     * @param  list<string>  $ids  in order, the gone ones too
     * @param  list<string>  $standing  those that are there
     */
    private function __construct(
        private array $ids,
        private array $standing,
    ) {
    }

    /**
     * From what stands in the parent now and the steps that led there, oldest first. The line as it was before them is
     * found by taking them back; then they are made once more, and whatever goes leaves its place in the line.
     *
     * @param  list<Step>  $history
     */
    public static function in(Node $parent, array $history): self
    {
        $standing = array_map(static fn (Node $child): string => $child->id, $parent->children);
        $ids = $standing;
        $start = count($history);
        while ($start > 0 && ! self::begins($history[$start - 1], $parent->id)) {
            foreach ($history[--$start]->inverses as $inverse) {
                $ids = self::made($ids, $inverse, $parent->id);
            }
        }
        foreach (array_slice($history, $start) as $step) {
            foreach ($step->edits as $edit) {
                $ids = self::kept($ids, $edit, $parent->id, $step->takesBack);
            }
        }

        return new self($ids, $standing);
    }

    public function holds(string $id): bool
    {
        return in_array($id, $this->ids, true);
    }

    /** The nearest neighbour before an id of the line that still stands; null: it comes first. */
    public function before(string $id): ?string
    {
        $before = null;
        foreach ($this->ids as $one) {
            if ($one === $id) {
                return $before;
            }
            $before = in_array($one, $this->standing, true) ? $one : $before;
        }

        return null;
    }

    /** Whether the parent itself came, came back or went with the step: what is known of its line begins after it. */
    private static function begins(Step $step, string $parentId): bool
    {
        foreach ($step->edits as $edit) {
            if ($edit instanceof Replace
                || ($edit instanceof Remove && $edit->id === $parentId)
                || ($edit instanceof Insert && $edit->node->find($parentId) !== null)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> as the edit left them, or would leave them
     */
    private static function made(array $ids, Edit $edit, string $parentId): array
    {
        $arranged = self::arranged($edit);
        if ($arranged === null) {
            return $ids;
        }
        [$id, $parent, $after] = $arranged;
        $ids = array_values(array_diff($ids, [$id]));

        return $parent === $parentId ? self::with($ids, $id, $after) : $ids;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> what goes stays in the line; what comes back is there
     */
    private static function kept(array $ids, Edit $edit, string $parentId, bool $takesBack): array
    {
        [$id, $parent, $after] = self::arranged($edit) ?? ['', null, null];
        if ($parent !== $parentId) {
            return $ids;
        }
        if (in_array($id, $ids, true)) {
            if ($edit instanceof Insert || $takesBack) {
                return $ids;
            }
            $ids = array_values(array_diff($ids, [$id]));
        }

        return self::with($ids, $id, $after);
    }

    /**
     * @return array{string, string|null, string|null}|null which block comes to stand in which parent behind which
     *     neighbour; in none when it is taken out
     */
    private static function arranged(Edit $edit): ?array
    {
        return match (true) {
            $edit instanceof Insert => [$edit->node->id, $edit->parent, $edit->after],
            $edit instanceof Move => [$edit->id, $edit->parent, $edit->after],
            $edit instanceof Remove => [$edit->id, null, null],
            default => null,
        };
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function with(array $ids, string $id, ?string $after): array
    {
        $at = $after === null ? false : array_search($after, $ids, true);
        array_splice($ids, $at === false ? 0 : $at + 1, 0, [$id]);

        return $ids;
    }
}
