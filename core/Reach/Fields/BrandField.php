<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class BrandField implements RuleField
{
    public function name(): string
    {
        return 'brand';
    }

    public function comparisons(): array
    {
        return [
            Comparison::anyOf('isOneOf', 'brand is one of', Aspect::Brand, Weight::Grouped),
            Comparison::noneOf('isNoneOf', 'brand is none of', Aspect::Brand),
            Comparison::nothing('hasNone', 'has no brand', Aspect::Brand, Weight::Grouped),
        ];
    }
}
