<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * What one kind of page is. One class each, listed in PageKinds.
 *
 * @api
 */
interface KindOfPage
{
    public function kind(): PageKind;

    public function subject(): SubjectKind;

    /**
     * @return array<string, list<string>> the fields that its rules may look at, with their comparisons, in the order
     *     in which they are offered
     */
    public function rules(): array;

    /** @return list<string> the comparisons that name a page itself, as `category.isExactly` */
    public function named(): array;

    /** @return list<Essential> what its pages cannot do without */
    public function essentials(): array;
}
