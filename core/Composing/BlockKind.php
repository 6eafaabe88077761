<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Templates\Definition;

/**
 * A kind of block: what it is, and what it comes to for a product.
 *
 * @api
 */
interface BlockKind
{
    public function definition(): Definition;

    /** @param  list<ComposedNode>  $children already composed, in order */
    public function compose(Settings $settings, Context $context, array $children): Composed;
}
