<?php

declare(strict_types=1);

namespace Vestibra\Core;

/**
 * A user's mistake, returned rather than thrown, and made by the code that it has (`TreeProblem::UnknownKind->at(…)`).
 * The words for it are made in one place outside the core.
 *
 * @api
 */
final readonly class Problem
{
    /**
     * @param  string  $path  where in the input, as `bands/0/children/2`; empty for the whole
     * @param  array<string, string|int>  $values  what the sentence needs
     */
    public function __construct(
        public ProblemCode $code,
        public string $path,
        public array $values,
    ) {
    }
}
