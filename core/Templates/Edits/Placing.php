<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

/**
 * Where the places are now that an edit names of an earlier draft.
 *
 * @internal
 */
interface Placing
{
    /**
     * @param  string  $id  the block that is to stand there
     * @param  string|null  $after  the neighbour that was before the place
     * @return string|null the neighbour that is before it now; null: it is the first
     */
    public function after(string $id, string $parent, ?string $after): ?string;

    /** Whether a block is there. */
    public function has(string $id): bool;
}
