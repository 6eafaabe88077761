<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Vestibra\Core\Templates\Edit;

/** A step as it is written down. */
final readonly class Recorded
{
    /**
     * @param  string  $origin  one of DraftStep's constants
     * @param  list<Edit>  $edits
     * @param  string  $words  what was done, as "Price: colour"
     */
    public function __construct(
        public string $origin,
        public array $edits,
        public string $words,
        public Attempt $attempt,
    ) {
    }
}
