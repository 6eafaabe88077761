<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * What a page is about of which there is one, such as the home page.
 *
 * @api
 */
final readonly class SinglePage implements Subject
{
    /** Its number among the one. */
    public const ID = 1;

    public function __construct(
        private SubjectKind $kind,
        private string $title,
        private string $slug,
    ) {
    }

    public function kind(): SubjectKind
    {
        return $this->kind;
    }

    public function id(): int
    {
        return self::ID;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function slug(): string
    {
        return $this->slug;
    }

    public function isShown(): bool
    {
        return true;
    }

    public function searchTitle(): string
    {
        return '';
    }

    public function searchDescription(): string
    {
        return '';
    }
}
