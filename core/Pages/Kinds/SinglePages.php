<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** Pages of which there is one, such as the cart: their rules know nothing but the season. */
final readonly class SinglePages implements KindOfPage
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
        return SubjectKind::Nothing;
    }

    public function rules(): array
    {
        return [];
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
