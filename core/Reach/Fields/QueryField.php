<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Fields;

use Vestibra\Core\Reach\Field;
use Vestibra\Core\Reach\PageKind;

final readonly class QueryField implements Field
{
    public function name(): string
    {
        return 'query';
    }

    public function comparisons(PageKind $kind): array
    {
        return $kind === PageKind::Search ? [TitleField::contains('query contains')] : [];
    }
}
