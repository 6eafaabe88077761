<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * How specific a matching clause is: four counts compared from left to right, never added into one number. The idea
 * is that of selector specificity in W3C Selectors Level 4, "Calculating a selector's specificity".
 *
 * @api
 */
final readonly class Closeness
{
    public function __construct(
        public int $named = 0,
        public int $grouped = 0,
        public int $depth = 0,
        public int $narrowed = 0,
    ) {
    }

    /** Below zero when this one is less close, above when it is closer. */
    public function compare(self $other): int
    {
        return $this->toArray() <=> $other->toArray();
    }

    /** @return array{int, int, int, int} named, grouped, depth, narrowed */
    public function toArray(): array
    {
        return [$this->named, $this->grouped, $this->depth, $this->narrowed];
    }
}
