<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class CollectionKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Collection;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Collection;
    }

    public function rules(): array
    {
        return [
            'collection' => ['isOneOf'],
            'title' => ['contains'],
            'picture' => ['hasOne', 'hasNone'],
            'products' => ['atLeast', 'atMost'],
            'description' => ['hasOne', 'hasNone'],
        ];
    }

    public function named(): array
    {
        return ['collection.isOneOf'];
    }

    public function essentials(): array
    {
        return [Essential::Title, Essential::Products];
    }
}
