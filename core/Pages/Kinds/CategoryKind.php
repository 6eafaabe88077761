<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class CategoryKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Category;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Category;
    }

    public function rules(): array
    {
        return [
            'category' => ['isIn', 'isExactly'],
            'title' => ['contains'],
            'picture' => ['hasOne', 'hasNone'],
            'products' => ['atLeast', 'atMost'],
            'description' => ['hasOne', 'hasNone'],
        ];
    }

    public function named(): array
    {
        return ['category.isExactly'];
    }

    public function essentials(): array
    {
        return [Essential::Title, Essential::Products];
    }
}
