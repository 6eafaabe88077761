<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\CrossedField;
use Vestibra\Core\Problem;

/** Why an entry was not made: nothing of it was. */
final readonly class Refusal
{
    /**
     * @param  list<Problem>  $problems
     * @param  list<CrossedField>  $crossings
     */
    public function __construct(
        public array $problems,
        public array $crossings = [],
    ) {
    }

    /** Whether somebody else was first. */
    public function isBehind(): bool
    {
        return $this->crossings !== [] || array_filter(
            $this->problems,
            static fn (Problem $one): bool => $one->code === CatalogueProblem::OrderSince,
        ) !== [];
    }
}
