<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * A page of the shop as what a header or footer stands on.
 *
 * @api
 */
final readonly class AroundPage implements Subject
{
    /** There are fewer subjects of a kind than this. */
    public const MOST = 10_000_000_000;

    /**
     * @param  PageKind  $around  header or footer
     * @param  PageKind  $page  the kind of the page
     * @param  Subject  $subject  what the page is about
     */
    public function __construct(
        public PageKind $around,
        public PageKind $page,
        public Subject $subject,
    ) {
    }

    public function kind(): SubjectKind
    {
        return SubjectKind::AnyPage;
    }

    /** One number for a page of any kind, different from that of every other page. */
    public function id(): int
    {
        return self::number($this->page, $this->subject->id());
    }

    public static function number(PageKind $page, int $id): int
    {
        return $page->number() * self::MOST + $id;
    }

    public function title(): string
    {
        return $this->subject->title();
    }

    /** Address names of pages of several kinds may be the same. */
    public function slug(): string
    {
        return "{$this->page->value}/{$this->subject->slug()}";
    }

    public function isShown(): bool
    {
        return $this->subject->isShown();
    }

    public function searchTitle(): string
    {
        return $this->subject->searchTitle();
    }

    public function searchDescription(): string
    {
        return $this->subject->searchDescription();
    }
}
