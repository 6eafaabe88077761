<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Condition;

/**
 * A condition as it is, with the pages that it holds for.
 *
 * @api
 */
final readonly class PlainChoice
{
    public function __construct(
        public Condition $condition,
        public PageSet $pages,
    ) {
    }
}
