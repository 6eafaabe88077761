<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/** What a page is about. */
interface Subject
{
    public function kind(): SubjectKind;

    public function id(): int;

    public function title(): string;

    public function slug(): string;

    /** Whether customers can see its page. */
    public function isShown(): bool;
}
