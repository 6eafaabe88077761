<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Condition;

/**
 * A comparison whose values are chosen, with the pages that have each of them.
 *
 * @api
 */
final readonly class ValueChoice
{
    /** @param  array<array-key, PageSet>  $pages  by value */
    public function __construct(
        public string $field,
        public string $comparison,
        public HowMany $how,
        public array $pages,
        public ?int $of = null,
    ) {
    }

    /** @param  non-empty-list<array-key>  $values */
    public function condition(array $values): Condition
    {
        sort($values);

        return new Condition($this->field, $this->comparison, $values, $this->of);
    }
}
