<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\RuleCollections;

/**
 * All templates of a page kind in hand order, ready to be asked: one page in memory, or all of them in the database.
 */
final readonly class KindRules
{
    /**
     * @param  list<Candidate>  $candidates
     * @param  int  $at  the instant it is asked at, in seconds of Unix time
     */
    public function __construct(
        public PagesOfKind $pages,
        public array $candidates,
        public int $fallbackId,
        public RuleCollections $collections,
        public int $at,
    ) {
    }

    /** The same templates at another instant. */
    public function at(int $at): self
    {
        return new self($this->pages, $this->candidates, $this->fallbackId, $this->collections, $at);
    }

    public function evaluator(): Evaluator
    {
        return Evaluator::of($this->candidates, $this->fallbackId, $this->collections);
    }

    public function sql(): ReachSql
    {
        return new ReachSql($this->pages, $this->at, $this->collections);
    }

    /** Asks each page by itself: for whoever looks at few. */
    public function each(): ReachSql
    {
        return new ReachSql($this->pages, $this->at, $this->collections, true);
    }

    public function candidate(int $templateId): ?Candidate
    {
        foreach ($this->candidates as $candidate) {
            if ($candidate->templateId === $templateId) {
                return $candidate;
            }
        }

        return null;
    }

    /** @return list<CompiledReach> of the templates that are live */
    public function liveReaches(): array
    {
        return array_column(
            array_filter($this->candidates, static fn (Candidate $candidate): bool => $candidate->live),
            'reach',
        );
    }

    /** @return string the pages that customers can see, as it stands behind `from`; each is called `p` */
    public function shown(): string
    {
        return "{$this->pages->table()} p where {$this->pages->shown()}";
    }
}
