<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * What customers should know of how their words were taken.
 *
 * @api
 */
final readonly class SearchSaid
{
    /**
     * @param  string  $query  as typed
     * @param  array<string, list<string>>  $corrected  word => what was looked for in its place
     * @param  list<string>  $leftOut  words that nothing has
     */
    public function __construct(
        public string $query,
        public array $corrected = [],
        public array $leftOut = [],
    ) {
    }
}
