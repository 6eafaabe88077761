<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * A page as plain data; views only print it.
 *
 * @api
 */
final readonly class ComposedPage
{
    /**
     * @param  list<Failure>  $failures  blocks that were left out because they broke
     * @param  int|null  $until  the instant until which it holds, as far as the clock decides, in seconds of Unix time
     * @param  Listed|null  $listed  the products of the page, where it shows them
     */
    public function __construct(
        public ComposedNode $page,
        public string $css,
        public array $failures = [],
        public ?int $until = null,
        public ?Listed $listed = null,
    ) {
    }
}
