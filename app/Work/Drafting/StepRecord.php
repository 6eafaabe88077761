<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

/** A step as it is written down. */
final readonly class StepRecord
{
    /**
     * @param  string  $origin  one of DraftStep's constants
     * @param  string  $words  what was done, as "Price: colour"
     */
    public function __construct(
        public string $origin,
        public string $words,
        public StepAttempt $attempt,
    ) {
    }
}
