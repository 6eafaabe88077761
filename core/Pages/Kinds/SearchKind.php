<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class SearchKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Search;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Query;
    }

    public function rules(): array
    {
        return [
            'results' => ['atLeast', 'atMost'],
            'query' => ['contains'],
        ];
    }

    public function named(): array
    {
        return [];
    }

    public function essentials(): array
    {
        return [Essential::Products];
    }
}
