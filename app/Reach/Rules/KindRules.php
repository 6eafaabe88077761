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
     * @param  bool  $isFew  whether few pages are asked, each by itself
     */
    public function __construct(
        public PagesOfKind $pages,
        public array $candidates,
        public int $fallbackId,
        public RuleCollections $collections,
        public int $at,
        private bool $isFew = false,
    ) {
    }

    /** The same templates at another instant. */
    public function at(int $at): self
    {
        return new self($this->pages, $this->candidates, $this->fallbackId, $this->collections, $at, $this->isFew);
    }

    public function evaluator(): Evaluator
    {
        return Evaluator::of($this->candidates, $this->fallbackId, $this->collections);
    }

    /** The same templates for whoever asks the database of few pages: in step with these, whatever the shop has. */
    public function ofFew(): self
    {
        return new self($this->pages, $this->candidates, $this->fallbackId, $this->collections, $this->at, true);
    }

    public function sql(): ReachSql
    {
        return new ReachSql($this->pages, $this->at, $this->collections, $this->isFew);
    }

    /** All pages at once, for what is worked out beforehand. */
    public function atOnce(): ReachSql
    {
        return new ReachSql($this->pages, $this->at, $this->collections);
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
