<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Aspect;

final readonly class BrandPages extends AssortmentPages
{
    public function kind(): PageKind
    {
        return PageKind::Brand;
    }

    public function table(): string
    {
        return 'brands';
    }

    protected function subject(): SubjectKind
    {
        return SubjectKind::Brand;
    }

    protected function holds(): array
    {
        return ['h.id', 'products h', 'h.brand_id = p.id'];
    }

    protected function any(Aspect $aspect, array $ids): ?string
    {
        return $aspect === Aspect::Brand ? 'p.id in ('.implode(',', $ids).')' : null;
    }

    protected function kinship(): string
    {
        return 'abs(p.id - q.id)';
    }
}
