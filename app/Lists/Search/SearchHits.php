<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Vestibra\Core\Selling\Search\Wanted;

/** What a search found. The products stand in a table of the connection, the best first. */
final readonly class SearchHits
{
    /**
     * @param  string  $table  with `product_id` and `place`
     * @param  list<Wanted>  $wanted  what was looked for in the end
     * @param  list<string>  $leftOut  words that nothing has, without which there was something
     */
    public function __construct(
        public string $table,
        public int $total,
        public array $wanted,
        public array $leftOut = [],
    ) {
    }

    /** @return int how many have all that was asked for */
    public function withAll(): int
    {
        return $this->leftOut === [] ? $this->total : 0;
    }

    /** @return array<string, list<string>> word => what was looked for in its place, as nothing has it */
    public function corrected(): array
    {
        $corrected = [];
        foreach ($this->wanted as $one) {
            if ($one->near !== []) {
                $corrected[$one->words] = $one->near;
            }
        }

        return $corrected;
    }
}
