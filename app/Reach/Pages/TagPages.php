<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Aspect;

final readonly class TagPages extends AssortmentPages
{
    public function kind(): PageKind
    {
        return PageKind::Tag;
    }

    public function table(): string
    {
        return 'tags';
    }

    protected function subject(): SubjectKind
    {
        return SubjectKind::Tag;
    }

    protected function holds(): array
    {
        return ['h.product_id', 'product_tag h', 'h.tag_id = p.id'];
    }

    protected function any(Aspect $aspect, array $ids): ?string
    {
        return $aspect === Aspect::Tag ? 'p.id in ('.implode(',', $ids).')' : null;
    }

    protected function kinship(): string
    {
        return 'abs(p.id - q.id)';
    }
}
