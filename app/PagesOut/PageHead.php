<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Structured\StructuredData;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * What stands in the head of a page for search engines and for whoever shares it. The address that a page is to be
 * known by (RFC 6596) is that of its list without order and number; what filters or a search find is not to be listed
 * (RFC 9309 lets engines come all the same, so that they see it).
 */
final readonly class PageHead
{
    /**
     * @param  string|null  $title  null for the shop's name alone
     * @param  array{prev?: string, next?: string}  $beside  the pages of the list before and after
     * @param  list<array<string, mixed>>  $structured
     */
    private function __construct(
        public ?string $title,
        public string $description,
        public ?string $canonical,
        public array $beside,
        public bool $isListed,
        public ?string $picture,
        public string $type,
        public array $structured,
    ) {
    }

    public static function of(ComposedPage $page, Subject $subject): self
    {
        $kind = PageKind::from($subject->kind()->value);
        $path = PageAddresses::address($kind, $subject->slug());
        $absolute = static fn (string $path): string => ShopAddress::of($path);
        [$title, $description] = self::words($page, $subject);
        $narrowed = ($page->listed->narrowed->chips ?? []) !== [];
        $isListed = ! $narrowed && self::isFor($subject);
        $number = $page->listed->page ?? 1;
        $pages = $page->listed->pages ?? 1;
        $at = static fn (int $page): string => ShopAddress::of($path).($page > 1 ? "?page=$page" : '');
        $picture = self::said($page, 'socialPicture') ?: self::picture($subject);

        return new self(
            $title === '' ? null : $title,
            $description,
            $isListed ? $at($number) : null,
            $isListed
                ? array_filter(
                    ['prev' => $number > 1 ? $at($number - 1) : '', 'next' => $number < $pages ? $at($number + 1) : ''],
                )
                : [],
            $isListed,
            $picture === null ? null : ShopAddress::of($picture),
            $subject->kind() === SubjectKind::Product ? 'product' : 'website',
            $isListed
                ? (new StructuredData(config()->string('vestibra.shop'), $absolute))->of($page->page, $subject, $path)
                : [],
        );
    }

    /** Whether pages about such a thing are listed by search engines at all. */
    public static function isFor(Subject $subject): bool
    {
        return ! in_array($subject->kind(), [SubjectKind::Query, SubjectKind::NotFound, SubjectKind::AnyPage], true);
    }

    /**
     * What the owner wrote for this very thing comes before what a template says of all.
     *
     * @return array{string, string} title and words for search engines; each may be empty
     */
    public static function words(ComposedPage $page, Subject $subject): array
    {
        $ownTitle = $subject->searchTitle() === $subject->title() ? '' : $subject->searchTitle();

        return [
            $ownTitle ?: (self::said($page, 'searchTitle')
                ?: $subject->searchTitle()
                ?: ($subject->kind() === SubjectKind::NotFound ? $subject->title() : '')),
            self::ownDescription($subject) ?: (self::said($page, 'searchDescription') ?: $subject->searchDescription()),
        ];
    }

    private static function said(ComposedPage $page, string $name): string
    {
        return is_string($page->page->data[$name] ?? null) ? $page->page->data[$name] : '';
    }

    /** What the owner wrote for search engines about this very thing; empty where its usual words stand in for that. */
    private static function ownDescription(Subject $subject): string
    {
        $usual = match (true) {
            $subject instanceof Product => (string) preg_replace('/\s+/u', ' ', $subject->shortWords()),
            $subject instanceof Assortment => $subject->description,
            default => '',
        };

        return $subject->searchDescription() === $usual ? '' : $subject->searchDescription();
    }

    /** @return string|null the first picture of what the page is about */
    private static function picture(Subject $subject): ?string
    {
        $picture = match (true) {
            $subject instanceof Product => $subject->pictures[0] ?? null,
            $subject instanceof Assortment => $subject->picture,
            default => null,
        };

        return $picture instanceof Picture ? (new ShopAddresses)->picture($picture, 800) : null;
    }
}
