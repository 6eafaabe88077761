<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;

/**
 * What a step came to: all of its edits were made, or none.
 *
 * @api
 */
final readonly class Stepped
{
    /**
     * @param  list<Edit>  $edits  those that were made
     * @param  list<Edit>  $inverses  in the order in which they take the step back
     * @param  list<string>  $touched  ids whose part of the page has to be drawn again
     * @param  list<string>  $arranged  ids of what had blocks put in, taken out or moved
     * @param  list<string>  $fresh  ids of blocks put in
     * @param  list<Problem>  $leftOut  why some edits of a step that is taken back had nothing left to take back
     */
    public function __construct(
        public Draft $draft,
        public array $edits = [],
        public array $inverses = [],
        public array $touched = [],
        public array $arranged = [],
        public array $fresh = [],
        public array $leftOut = [],
    ) {
    }

    /** @param  list<Edit>  $edits */
    public static function by(array $edits, Draft $draft, Schema $schema): self|Problem
    {
        $stepped = new self($draft);
        foreach ($edits as $edit) {
            $stepped = $stepped->and($edit, $schema);
            if ($stepped instanceof Problem) {
                return $stepped;
            }
        }

        return $stepped;
    }

    /** With one edit more; the problem when it does not fit what the others came to. */
    public function and(Edit $edit, Schema $schema): self|Problem
    {
        $applied = $edit->apply($this->draft, $schema);
        if ($applied instanceof Problem) {
            return $applied;
        }
        $arranges = $edit instanceof Insert || $edit instanceof Remove || $edit instanceof Move;

        return new self(
            $applied->draft,
            [...$this->edits, $edit],
            [$applied->inverse, ...$this->inverses],
            $arranges ? $this->touched : self::union($this->touched, $applied->touched),
            $arranges ? self::union($this->arranged, $applied->touched) : $this->arranged,
            $edit instanceof Insert ? [...$this->fresh, $edit->node->id] : $this->fresh,
            $this->leftOut,
        );
    }

    public function without(Problem $why): self
    {
        return new self($this->draft, $this->edits, $this->inverses, $this->touched, $this->arranged, $this->fresh, [
            ...$this->leftOut,
            $why,
        ]);
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     * @return list<string>
     */
    private static function union(array $one, array $other): array
    {
        return array_values(array_unique([...$one, ...$other]));
    }
}
