<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * What stands around two things that become one, as it stands before.
 *
 * @api
 */
final readonly class MergedAround
{
    /**
     * @param  array<int, array<string, mixed>>  $products  that stand in the one, by number
     * @param  array<int, array<string, mixed>>  $variants  that have a value that ends
     * @param  array<int, int>  $beneath  what lies in the one, in order: number => its place
     * @param  int  $last  the last place in the other; 0: nothing lies in it
     * @param  array<int, int>  $same  values of the one => those of the other that they become
     * @param  array<int, array<string, mixed>>  $values  all of these
     */
    public function __construct(
        public array $products = [],
        public array $variants = [],
        public array $beneath = [],
        public int $last = 0,
        public array $same = [],
        public array $values = [],
    ) {
    }
}
