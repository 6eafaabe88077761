<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\Redraw;

/**
 * What a step came to: all of its edits were made, or none.
 *
 * @api
 */
final readonly class Stepped
{
    public Redraw $redraw;

    /**
     * @param  list<Edit>  $edits  those that were made
     * @param  list<Edit>  $inverses  in the order in which they take the step back
     * @param  list<Problem>  $leftOut  why some edits of a step that is taken back had nothing left to take back
     */
    public function __construct(
        public Draft $draft,
        public array $edits = [],
        public array $inverses = [],
        public array $leftOut = [],
        ?Redraw $redraw = null,
    ) {
        $this->redraw = $redraw ?? Redraw::nothing();
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

        return $applied instanceof Problem ? $applied : new self(
            $applied->draft,
            [...$this->edits, $edit],
            [$applied->inverse, ...$this->inverses],
            $this->leftOut,
            $this->redraw->and($applied->redraw),
        );
    }

    public function without(Problem $why): self
    {
        return new self($this->draft, $this->edits, $this->inverses, [...$this->leftOut, $why], $this->redraw);
    }
}
