<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What an edit came to.
 *
 * @internal
 */
final readonly class EditResult
{
    /**
     * @param  Edit  $inverse  takes the edit back when applied to the draft it came to
     * @param  list<string>  $touched  ids whose part of the page has to be drawn again
     */
    public function __construct(
        public Draft $draft,
        public Edit $inverse,
        public array $touched,
    ) {
    }
}
