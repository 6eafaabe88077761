<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;

/** The sentence that a list of pages of one kind is narrowed by, and its order. */
final readonly class PageFilter
{
    /** By which step pages have their template. */
    public const STEPS = ['pinned', 'first', 'rule', 'fallback'];

    public const STATES = ['shown', 'hidden'];

    /** The first is the usual one. */
    public const SORTS = ['title', 'new', 'cheap', 'dear', 'template'];

    /**
     * @param  string  $words  each begins or stands in the title; of products a stock number or a bar code too
     * @param  list<Condition>  $conditions  all of them hold
     * @param  int  $template  0: any
     * @param  string  $step  one of STEPS; empty: any
     * @param  string  $state  one of STATES; empty: any
     * @param  int  $selection  of which selection they are; 0: of any
     * @param  bool  $isLive  only what customers can see, as all that is said of templates
     */
    public function __construct(
        public PageKind $kind,
        public string $words = '',
        public array $conditions = [],
        public int $template = 0,
        public string $step = '',
        public string $state = '',
        public int $selection = 0,
        public string $sort = 'title',
        public bool $isLive = true,
    ) {
    }

    /** Whether the winner of every page has to be known. */
    public function asksVerdicts(): bool
    {
        return $this->template > 0 || $this->step !== '' || $this->sort === 'template';
    }

    /** The pages of one template among them, by title. */
    public function ofTemplate(int $template): self
    {
        return new self(
            $this->kind,
            $this->words,
            $this->conditions,
            $template,
            $this->step,
            $this->state,
            $this->selection,
            'title',
            $this->isLive,
        );
    }
}
