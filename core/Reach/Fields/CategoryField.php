<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class CategoryField implements RuleField
{
    public function name(): string
    {
        return 'category';
    }

    public function comparisons(): array
    {
        return [
            Comparison::anyOf('isIn', 'category is in', Aspect::CategoryWithin, Weight::Grouped),
            Comparison::anyOf('isExactly', 'category is exactly', Aspect::CategoryExactly, Weight::Grouped),
            Comparison::nothing('hasNone', 'is in no category', Aspect::CategoryExactly, Weight::Grouped),
        ];
    }
}
