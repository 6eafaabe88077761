<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class BrandKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Brand;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Brand;
    }

    public function rules(): array
    {
        return [
            'brand' => ['isOneOf'],
            'title' => ['contains'],
            'picture' => ['hasOne', 'hasNone'],
            'products' => ['atLeast', 'atMost'],
        ];
    }

    public function named(): array
    {
        return ['brand.isOneOf'];
    }

    public function essentials(): array
    {
        return [Essential::Title, Essential::Products];
    }
}
