<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Releases\Changes;

/** What a deed with many pages comes to: a release, and a part of a rule for a draft. */
final readonly class LayoutPlan
{
    /**
     * @param  list<int>  $pages  that are meant
     * @param  string  $side  of the rules: `show` or `keepOff`
     * @param  list<list<array<string, mixed>>>  $clauses  that the template's rules get
     */
    public function __construct(
        public Changes $changes,
        public array $pages,
        public string $note,
        public ?Template $template = null,
        public string $side = 'show',
        public array $clauses = [],
    ) {
    }

    /** The template is not live: nothing in the shop changes, its draft does. */
    public function isForDraft(): bool
    {
        return $this->clauses !== [] && $this->template?->isLive() === false;
    }
}
