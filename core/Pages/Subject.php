<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * What a page is about.
 *
 * @api
 */
interface Subject
{
    public function kind(): SubjectKind;

    public function id(): int;

    public function title(): string;

    public function slug(): string;

    /** Whether customers can see its page. */
    public function isShown(): bool;

    /** What search engines are told: the owner's own title and words for them, or the usual ones. */
    public function searchTitle(): string;

    public function searchDescription(): string;
}
