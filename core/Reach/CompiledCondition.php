<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A condition ready to run, with what it adds to the closeness.
 *
 * @api
 */
final readonly class CompiledCondition
{
    /**
     * @param  array<int, int>  $depths category id => its depth, for the categories it names
     * @param  bool  $dead  nothing that it names is there any more
     * @param  bool  $isTorn  something that it names was deleted
     */
    public function __construct(
        public Condition $condition,
        public Check $check,
        public Weight $weight,
        public bool $dead,
        public array $depths = [],
        public bool $isTorn = false,
    ) {
    }

    public function holds(Features $features): bool
    {
        return $this->check->holds($features);
    }

    /** The depth of the deepest category it names that the page lies in. */
    public function depthFor(Features $features): int
    {
        $deepest = 0;
        foreach ($this->depths as $categoryId => $depth) {
            if ($depth > $deepest && $features->has(Aspect::CategoryWithin, $categoryId)) {
                $deepest = $depth;
            }
        }

        return $deepest;
    }

    /** @return int the most that depthFor() can come to */
    public function deepest(): int
    {
        return $this->depths === [] ? 0 : max($this->depths);
    }
}
