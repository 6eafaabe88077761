<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/**
 * One of the fact's values is one of these.
 *
 * @api
 */
final readonly class FactHasAny implements Check
{
    /** @param  list<string>  $values folded */
    public function __construct(
        public int $factId,
        public array $values,
    ) {
    }

    public function holds(Features $features): bool
    {
        foreach ($features->facts[$this->factId] ?? [] as $own) {
            if (in_array($own, $this->values, true)) {
                return true;
            }
        }

        return false;
    }
}
