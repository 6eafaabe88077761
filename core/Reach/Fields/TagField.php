<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\RuleField;
use Vestibra\Core\Reach\Weight;

/** @internal */
final readonly class TagField implements RuleField
{
    public function name(): string
    {
        return 'tag';
    }

    public function comparisons(): array
    {
        return [
            Comparison::anyOf('hasAnyOf', 'tag is any of', Aspect::Tag, Weight::Grouped),
            Comparison::allOf('hasAllOf', 'tags are all of', Aspect::Tag, Weight::Grouped),
            Comparison::noneOf('hasNoneOf', 'tag is none of', Aspect::Tag),
            Comparison::anyOf('isOneOf', 'tag is one of', Aspect::Tag, Weight::Grouped),
        ];
    }
}
