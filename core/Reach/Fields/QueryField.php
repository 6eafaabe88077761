<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\RuleField;

/** @internal */
final readonly class QueryField implements RuleField
{
    public function name(): string
    {
        return 'query';
    }

    public function comparisons(): array
    {
        return [TitleField::contains('query contains')];
    }
}
