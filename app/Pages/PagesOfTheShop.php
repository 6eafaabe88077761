<?php

declare(strict_types=1);

namespace Vestibra\App\Pages;

use Illuminate\Contracts\Container\Container;
use LogicException;
use Vestibra\Core\Pages\PageKind;

/** The one list of what kinds of pages the shop has templates for. Another kind is one class and one line here. */
final class PagesOfTheShop
{
    /** The address names of pages of which there is one. */
    public const HOME = 'home';

    public const ALL = 'all';

    public const NOT_FOUND = 'not-found';

    /** By page kind: how its pages are found, and what their addresses begin with. */
    private const KINDS = [
        'product' => [ProductPages::class, 'p'],
        'category' => [CategoryPages::class, 'c'],
        'collection' => [CollectionPages::class, 'collection'],
        'brand' => [BrandPages::class, 'brand'],
        'tag' => [TagPages::class, 'tag'],
    ];

    /** Those of which there is one: how it is found, its whole address, and its address name. */
    private const SINGLE = [
        'home' => [HomePages::class, '/', self::HOME],
        'all-products' => [AllProductsPages::class, '/all', self::ALL],
        'not-found' => [NotFoundPages::class, '/not-found', self::NOT_FOUND],
    ];

    /** Those that are about what somebody typed: how they are found, and their address. */
    private const TYPED = [
        'search' => [SearchPages::class, '/search'],
    ];

    /** What stands on pages and is judged on them: how those pages are found. */
    private const AROUND = [
        'header' => [HeaderPages::class],
        'footer' => [FooterPages::class],
    ];

    /** @var array<string, FindsPages> */
    private array $made = [];

    public function __construct(private readonly Container $container)
    {
    }

    /** @throws LogicException when the shop has no templates for such pages */
    public function get(PageKind|string $kind): FindsPages
    {
        $name = $kind instanceof PageKind ? $kind->value : $kind;
        [$class] = self::KINDS[$name] ?? self::SINGLE[$name] ?? self::TYPED[$name] ?? self::AROUND[$name] ?? throw new LogicException("The shop has no templates for $name.");

        return $this->made[$name] ??= $this->container->make($class);
    }

    public static function knows(string $kind): bool
    {
        return in_array($kind, self::names(), true);
    }

    /** @return array<string, string> page kind => what the addresses of its pages begin with */
    public static function paths(): array
    {
        return array_map(static fn (array $kind): string => $kind[1], self::KINDS);
    }

    /** @return array<string, array{string, string}> page kind => address and address name, of pages of which there is one */
    public static function singles(): array
    {
        return array_map(static fn (array $kind): array => [$kind[1], $kind[2]], self::SINGLE);
    }

    /** @return array<string, string> page kind => address, of pages that are about what somebody typed */
    public static function typed(): array
    {
        return array_map(static fn (array $kind): string => $kind[1], self::TYPED);
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
            ? self::TYPED[$kind->value][1].($slug === '' ? '' : '?q='.rawurlencode($slug))
            : self::SINGLE[$kind->value][1] ?? (isset(self::KINDS[$kind->value]) ? '/'.self::KINDS[$kind->value][1].'/'.rawurlencode($slug) : "/$kind->value");
    }

    /** @return list<PageKind> */
    public static function kinds(): array
    {
        return array_map(PageKind::from(...), self::names());
    }

    /** @return list<PageKind> of what is a page by itself */
    public static function pageKinds(): array
    {
        return array_values(array_filter(self::kinds(), static fn (PageKind $kind): bool => self::isPage($kind->value)));
    }

    /** @return list<FindsPages> of what is a page by itself */
    public function pages(): array
    {
        return array_map(fn (PageKind $kind): FindsPages => $this->get($kind), self::pageKinds());
    }

    /** @return list<FindsPages> */
    public function all(): array
    {
        return array_map(fn (PageKind $kind): FindsPages => $this->get($kind), self::kinds());
    }
}
