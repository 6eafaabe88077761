<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Step;

/**
 * Where the places are now that an earlier step took blocks from.
 *
 * @internal
 */
final readonly class TakenBack implements Placing
{
    /** Nothing is decided here between several behind one neighbour. */
    private const OTHERS = '';

    /** @param  int  $edit  the number of the edit that is taken back; beyond all where it is not known */
    private function __construct(
        private Lines $lines,
        private int $edit,
    ) {
    }

    /**
     * @param  list<Step>  $history  the steps that led to the tree as it is, oldest first, the one among them
     */
    public static function step(Step $step, Node $now, array $history): self
    {
        $edit = 0;
        $known = false;
        foreach ($history as $one) {
            $known = $known || $one === $step;
            $edit += $known ? 0 : count($one->edits);
        }

        return new self(
            self::lines($now, $history),
            $edit + ($known ? count($step->edits) : 0),
        );
    }

    /** The edit before is taken back next. */
    public function next(): self
    {
        return new self($this->lines, $this->edit - 1);
    }

    public function then(Edit $edit): self
    {
        return new self($this->lines->then($edit, null), $this->edit);
    }

    public function after(string $id, string $parent, ?string $after): ?string
    {
        $gap = $this->lines->gapOf($this->edit, $id, $parent);

        return $gap === null ? $this->lines->placed($id, $parent, $after, $this->edit + 1) : $gap[0];
    }

    /** What is gone has nothing left to take back, and whoever takes it back is told. */
    public function has(string $id): bool
    {
        return true;
    }

    /**
     * As they were before the steps, found by taking those back; then they are made once more.
     *
     * @param  list<Step>  $history
     */
    private static function lines(Node $now, array $history): Lines
    {
        $lines = Lines::of($now);
        foreach (array_reverse($history) as $step) {
            foreach ($step->inverses as $inverse) {
                $lines = $lines->then($inverse, null);
            }
        }
        $lines = $lines->remembering();
        foreach ($history as $step) {
            foreach ($step->edits as $edit) {
                $lines = $lines->then($edit, self::OTHERS);
            }
        }

        return $lines;
    }
}
