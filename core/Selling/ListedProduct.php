<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use DateTimeImmutable;

/**
 * What the orders of lists look at, of one product at one moment.
 *
 * @internal
 */
final readonly class ListedProduct
{
    /**
     * @param  string  $titleOrder  the title as titles are sorted
     * @param  int|null  $price  the lowest at the moment, in the smallest unit; null without a variant
     * @param  int  $reviews  how many
     * @param  int  $stars  the sum of their stars
     * @param  float|null  $saving  the largest share of its price that a variant is cheaper by; null without a sale
     */
    public function __construct(
        public int $id,
        public string $titleOrder,
        public DateTimeImmutable $addedAt,
        public ?int $price,
        public int $reviews,
        public int $stars,
        public ?float $saving,
    ) {
    }

    public function rating(): float
    {
        return BestRated::score($this->reviews, $this->stars);
    }
}
