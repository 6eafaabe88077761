<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Structured;

use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;

/**
 * A kind of block that shows something which search engines can be told of too.
 *
 * @api
 */
interface SaysOfPage
{
    /** @return list<Said> what is shown of the page's subject, and nothing beyond it */
    public function says(Composed $composed, Context $context): array;
}
