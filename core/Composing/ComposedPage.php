<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/** A page as plain data; views only print it. */
final readonly class ComposedPage
{
    /** @param  list<Failure>  $failures blocks that were left out because they broke */
    public function __construct(
        public ComposedNode $page,
        public string $css,
        public array $failures = [],
    ) {
    }
}
