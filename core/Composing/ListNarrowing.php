<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * How a list was narrowed.
 *
 * @phpstan-type Chip array{filter: string, words: string, address: string}
 *
 * @api
 */
final readonly class ListNarrowing
{
    /**
     * @param  array<string, ListFilter>  $filters  by key
     * @param  list<Chip>  $chips  what is on, each with the address without it
     * @param  string  $clear  the address with nothing on
     * @param  array{names: list<string>, products: int, address: string}|null  $giveUp  where nothing is left: without
     *     what there is something
     */
    public function __construct(
        public array $filters = [],
        public array $chips = [],
        public string $clear = '?',
        public ?array $giveUp = null,
    ) {
    }
}
