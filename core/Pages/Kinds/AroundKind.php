<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/**
 * What stands on pages and is judged on the page it stands on: headers and footers.
 *
 * @internal
 */
final readonly class AroundKind implements KindOfPage
{
    public function __construct(private PageKind $kind)
    {
    }

    public function kind(): PageKind
    {
        return $this->kind;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::AnyPage;
    }

    public function rules(): array
    {
        return [
            'page-kind' => ['isOneOf'],
            'category' => ['isIn', 'isExactly', 'hasNone'],
            'collection' => ['isIn'],
            'brand' => ['isOneOf', 'isNoneOf', 'hasNone'],
            'tag' => ['hasAnyOf', 'hasAllOf', 'hasNoneOf'],
        ];
    }

    public function named(): array
    {
        return [];
    }

    public function essentials(): array
    {
        return [];
    }
}
