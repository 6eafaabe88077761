<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * A field that somebody else has changed meanwhile.
 *
 * @api
 */
final readonly class CrossedField
{
    /** @param  string|null  $field  null where the whole thing is there, or gone, against expectation */
    public function __construct(
        public Thing $thing,
        public int $id,
        public ?string $field,
        public mixed $theirs,
        public mixed $yours,
    ) {
    }
}
