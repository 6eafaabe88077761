<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Redraw;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Stepped;

/** What a step of work came to. */
final readonly class StepResult
{
    /**
     * @param  Template  $template  as it is after the step
     * @param  list<Edit>  $inverses  in the order in which they take the step back
     * @param  Redraw  $redraw  what has to be drawn again
     * @param  string|null  $notice  what the person should know of it
     * @param  Node|null  $before  the tree that it began with; null where that is not known any more
     */
    private function __construct(
        public Template $template,
        public Draft $draft,
        public array $inverses,
        public Redraw $redraw,
        public ?string $notice = null,
        public ?Node $before = null,
    ) {
    }

    public static function of(Template $template, Stepped $done, Draft $before, ?string $notice = null): self
    {
        return new self($template, $done->draft, $done->inverses, $done->redraw, $notice, $before->tree);
    }

    /** Of a step that was made already: the whole page is drawn again. */
    public static function whole(Template $template, Draft $draft): self
    {
        return new self($template, $draft, [], new Redraw(touched: [$draft->tree->id]));
    }
}
