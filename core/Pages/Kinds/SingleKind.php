<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/**
 * Pages of which there is one, such as the cart: their rules know nothing but the season.
 *
 * @internal
 */
final readonly class SingleKind implements KindOfPage
{
    /** @param  list<Essential>  $essentials */
    public function __construct(
        private PageKind $kind,
        private SubjectKind $subject = SubjectKind::Nothing,
        private array $essentials = [],
    ) {
    }

    public function kind(): PageKind
    {
        return $this->kind;
    }

    public function subject(): SubjectKind
    {
        return $this->subject;
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
        return $this->essentials;
    }
}
