<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class ProductField implements RuleField
{
    public function name(): string
    {
        return 'product';
    }

    public function comparisons(): array
    {
        return [Comparison::anyOf('isOneOf', 'is the product', Aspect::Product, Weight::Grouped)];
    }
}
