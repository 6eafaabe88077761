<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Templates\Edits\Redraw;

/**
 * What an edit came to.
 *
 * @internal
 */
final readonly class EditResult
{
    /** @param  Edit  $inverse  takes the edit back when applied to the draft it came to */
    public function __construct(
        public Draft $draft,
        public Edit $inverse,
        public Redraw $redraw,
    ) {
    }
}
