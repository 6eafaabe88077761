<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * What a search looks at of a product.
 *
 * @internal
 */
final readonly class SearchedProduct
{
    /**
     * @param  array<string, list<string>>  $words  by field, folded; fields without words may be missing
     * @param  list<string>  $skus  of variants that are shown
     * @param  list<string>  $barcodes  likewise
     * @param  bool  $isShown  whether customers may find it
     */
    public function __construct(
        public int $id,
        public array $words,
        public array $skus = [],
        public array $barcodes = [],
        public bool $inStock = true,
        public bool $isShown = true,
    ) {
    }

    /** @return int all its words */
    public function length(): int
    {
        return array_sum(array_map(count(...), $this->words));
    }

    /**
     * How often words stand in a field, one right behind the other.
     *
     * @param  list<string>  $run
     * @param  bool  $beginning  whether the beginning of the last one is enough
     */
    public function times(string $field, array $run, bool $beginning): int
    {
        $there = $this->words[$field] ?? [];
        $last = array_key_last($run);
        $times = 0;
        for ($at = 0; $at + count($run) <= count($there); $at++) {
            $fits = $run !== [];
            foreach ($run as $place => $word) {
                $fits = $fits && ($beginning && $place === $last
                    ? str_starts_with($there[$at + $place], $word)
                    : $there[$at + $place] === $word);
            }
            $times += (int) $fits;
        }

        return $times;
    }
}
