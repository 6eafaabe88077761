<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

use Vestibra\Core\Catalogue\Folding;

/**
 * One thing that is looked for: a word, or several that mean one, and what may stand in its place.
 *
 * @api
 */
final readonly class Wanted
{
    /**
     * @param  string  $words  as typed, folded
     * @param  list<string>  $same  words, or several in a row, that mean the same
     * @param  list<string>  $near  words that are there, a slip or two away
     */
    public function __construct(
        public string $words,
        public array $same = [],
        public array $near = [],
    ) {
    }

    /** @param  list<string>  $near */
    public function near(array $near): self
    {
        return new self($this->words, $this->same, $near);
    }

    /** @return list<list<string>> any of these is enough, each words in a row */
    public function any(): array
    {
        return array_map(Folding::words(...), [$this->words, ...$this->same, ...$this->near]);
    }
}
