<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class TagKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Tag;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Tag;
    }

    public function rules(): array
    {
        return [
            'tag' => ['isOneOf'],
            'title' => ['contains'],
            'products' => ['atLeast', 'atMost'],
        ];
    }

    public function named(): array
    {
        return ['tag.isOneOf'];
    }

    public function essentials(): array
    {
        return [Essential::Title, Essential::Products];
    }
}
