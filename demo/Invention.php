<?php

declare(strict_types=1);

namespace Vestibra\Demo;

/** What was invented for one generated product. */
final readonly class Invention
{
    /**
     * @param  list<int>  $categories  the main one first
     * @param  list<int>  $tags
     * @param  list<array{fact: int, position: int, written: string, folded: string, number: int|null}>  $facts
     * @param  list<int>  $pictures
     * @param  non-empty-list<array{
     *     price: int, sale: int|null, stock: int|null, published: bool, values: array<int, int>,
     * }>  $variants  prices in minor units; option => its value
     */
    public function __construct(
        public string $title,
        public string $short,
        public string $description,
        public bool $published,
        public ?int $brand,
        public array $categories,
        public array $tags,
        public array $facts,
        public array $pictures,
        public array $variants,
        public int $reviews,
        public int $stars,
        public int $daysAgo,
    ) {
    }
}
