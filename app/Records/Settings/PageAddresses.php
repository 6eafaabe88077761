<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

use Vestibra\Core\Pages\PageKind;

/**
 * The kinds of pages that the shop has templates for, and their addresses. How the pages of each are found is in
 * PageClasses.
 */
final class PageAddresses
{
    /** The address names of pages of which there is one. */
    public const HOME = 'home';

    public const ALL = 'all';

    public const NOT_FOUND = 'not-found';

    /** By page kind: what the addresses of its pages begin with. */
    private const KINDS = [
        'product' => 'p', 'category' => 'c', 'collection' => 'collection', 'brand' => 'brand', 'tag' => 'tag',
    ];

    /** Those of which there is one: its whole address, and its address name. */
    private const SINGLE = [
        'home' => ['/', self::HOME],
        'all-products' => ['/all', self::ALL],
        'not-found' => ['/not-found', self::NOT_FOUND],
    ];

    /** Those that are about what somebody typed: their address. */
    private const TYPED = ['search' => '/search'];

    /** What stands on pages and is judged on them. */
    private const AROUND = ['header' => true, 'footer' => true];

    public static function knows(string $kind): bool
    {
        return in_array($kind, self::names(), true);
    }

    /** @return array<string, string> page kind => what the addresses of its pages begin with */
    public static function paths(): array
    {
        return self::KINDS;
    }

    /**
     * @return array<string, array{string, string}> page kind => address and address name, of pages of which there is
     *     one
     */
    public static function singles(): array
    {
        return self::SINGLE;
    }

    /** @return array<string, string> page kind => address, of pages that are about what somebody typed */
    public static function typed(): array
    {
        return self::TYPED;
    }

    /** Whether it is a page by itself, and does not stand on others. */
    public static function isPage(string $kind): bool
    {
        return self::knows($kind) && ! isset(self::AROUND[$kind]);
    }

    /** @return list<string> every kind that has templates with rules, by name */
    public static function names(): array
    {
        return array_keys(self::KINDS + self::SINGLE + self::TYPED + self::AROUND);
    }

    public static function address(PageKind $kind, string $slug): string
    {
        if ($kind->standsOnPages()) {
            [$page, $inside] = explode('/', $slug, 2) + ['', ''];
            $under = PageKind::tryFrom($page);

            return $under === null || $under->standsOnPages() ? '/' : self::address($under, $inside);
        }

        return isset(self::TYPED[$kind->value])
            ? self::TYPED[$kind->value].($slug === '' ? '' : '?q='.rawurlencode($slug))
            : self::SINGLE[$kind->value][0] ?? (
                isset(self::KINDS[$kind->value])
                    ? '/'.self::KINDS[$kind->value].'/'.rawurlencode($slug)
                    : "/$kind->value"
            );
    }

    /** @return list<PageKind> */
    public static function kinds(): array
    {
        return array_map(PageKind::from(...), self::names());
    }

    /** @return list<PageKind> of what is a page by itself */
    public static function pageKinds(): array
    {
        return array_values(
            array_filter(self::kinds(), static fn (PageKind $kind): bool => self::isPage($kind->value)),
        );
    }
}
