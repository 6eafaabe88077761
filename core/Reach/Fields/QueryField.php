<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Field;

/** @internal */
final readonly class QueryField implements Field
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
