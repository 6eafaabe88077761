<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Step;

/**
 * Where the places are now that edits name which were made on an earlier draft. Of two blocks put behind one neighbour,
 * neither author knowing of the other, that with the smaller id comes first; of a step with several, its smallest id
 * decides for all.
 *
 * @api
 */
final readonly class CarriedOver implements Placing
{
    private function __construct(
        private Lines $before,
        private Lines $lines,
        private Node $now,
        private string $key,
    ) {
    }

    /**
     * @param  list<Edit>  $edits  made on an earlier draft
     * @param  list<array{Step, bool}>  $since  what has been done since then, oldest first, and whether the author of
     *     the edits knows of it
     * @param  Node  $now  the tree as it is
     * @return list<Edit> the same as they are made now; what is done already is left out
     */
    public static function edits(array $edits, array $since, Node $now): array
    {
        if ($since === []) {
            return $edits;
        }
        $before = Lines::of($now);
        foreach (array_reverse($since) as [$step]) {
            foreach ($step->inverses as $inverse) {
                $before = $before->then($inverse, null);
            }
        }
        $lines = $before->remembering();
        foreach ($since as [$step, $known]) {
            foreach ($step->edits as $edit) {
                $lines = $lines->then($edit, $known ? null : self::key($step->edits));
            }
        }
        $places = new self($before, $lines, $now, self::key($edits));
        $carried = [];
        foreach ($edits as $edit) {
            $one = $edit->carriedOver($places);
            if ($one !== null) {
                $carried[] = $one;
                $places = $places->then($edit);
            }
        }

        return $carried;
    }

    public function after(string $id, string $parent, ?string $after): ?string
    {
        return $this->lines->placed($id, $parent, $after, 0, $this->key);
    }

    public function has(string $id): bool
    {
        return ! $this->before->holds($id) || $this->now->find($id) !== null;
    }

    /** The author knows of an edit of the same step. */
    private function then(Edit $edit): self
    {
        return new self($this->before, $this->lines->thenMine($edit, $this->key), $this->now, $this->key);
    }

    /** @param  list<Edit>  $edits */
    private static function key(array $edits): string
    {
        $ids = [];
        foreach ($edits as $edit) {
            $touches = $edit->touches();
            $ids = [
                ...$ids,
                ...$touches->into === [] ? [] : $touches->works,
                ...array_map(static fn (Node $node): string => $node->id, $touches->brings),
            ];
        }
        sort($ids, SORT_STRING);

        return $ids[0] ?? '';
    }
}
