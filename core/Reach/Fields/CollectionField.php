<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Field;
use Vestibra\Core\Reach\PageKind;
use Vestibra\Core\Reach\Weight;

final readonly class CollectionField implements Field
{
    public function name(): string
    {
        return 'collection';
    }

    public function comparisons(PageKind $kind): array
    {
        return match ($kind) {
            PageKind::Product, PageKind::Header, PageKind::Footer => [Comparison::anyOf('isIn', 'is in the collection', Aspect::Collection, Weight::Grouped)],
            PageKind::Collection => [Comparison::anyOf('isOneOf', 'collection is one of', Aspect::Collection, Weight::Named)],
            default => [],
        };
    }
}
