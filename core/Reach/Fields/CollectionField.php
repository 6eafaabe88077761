<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class CollectionField implements RuleField
{
    public function name(): string
    {
        return 'collection';
    }

    public function comparisons(): array
    {
        return [
            Comparison::anyOf('isIn', 'is in the collection', Aspect::Collection, Weight::Grouped),
            Comparison::anyOf('isOneOf', 'collection is one of', Aspect::Collection, Weight::Grouped),
        ];
    }
}
