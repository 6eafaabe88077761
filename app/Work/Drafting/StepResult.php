<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Stepped;

/** What a step of work came to. */
final readonly class StepResult
{
    /**
     * @param  Template  $template  as it is after the step
     * @param  list<Edit>  $inverses  in the order in which they take the step back
     * @param  list<string>  $touched  ids whose part of the page has to be drawn again
     * @param  list<string>  $arranged  ids of what had blocks put in, taken out or moved
     * @param  list<string>  $fresh  ids of blocks put in
     * @param  string|null  $notice  what the person should know of it
     * @param  list<string>  $moved  ids of blocks that moved
     * @param  int  $edits  how many there were
     * @param  bool  $stylesOnly  whether nothing but styles is another one
     * @param  Node|null  $before  the tree that it began with; null where that is not known any more
     */
    public function __construct(
        public Template $template,
        public Draft $draft,
        public array $inverses,
        public array $touched,
        public array $arranged = [],
        public array $fresh = [],
        public ?string $notice = null,
        public bool $stylesOnly = false,
        public array $moved = [],
        private int $edits = 0,
        public ?Node $before = null,
    ) {
    }

    /** Whether blocks moved, and nothing else happened. */
    public function movesOnly(): bool
    {
        return $this->edits > 0 && count($this->moved) === $this->edits;
    }

    public static function of(Template $template, Stepped $done, Draft $before, ?string $notice = null): self
    {
        $moved = array_map(static fn (Edit $edit): string => $edit instanceof Move ? $edit->id : '', $done->edits);

        return new self(
            $template,
            $done->draft,
            $done->inverses,
            $done->touched,
            $done->arranged,
            $done->fresh,
            $notice,
            $done->edits !== []
                && array_filter($done->edits, static fn (Edit $edit): bool => ! $edit instanceof SetValue
                    || $edit->question !== Question::How) === [],
            array_values(array_filter($moved)),
            count($done->edits),
            $before->tree,
        );
    }
}
