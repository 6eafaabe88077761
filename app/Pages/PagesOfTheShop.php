<?php

declare(strict_types=1);

namespace Vestibra\App\Pages;

use Illuminate\Contracts\Container\Container;
use LogicException;
use Vestibra\Core\Pages\PageKind;

/** The one list of what kinds of pages the shop has templates for. Another kind is one class and one line here. */
final class PagesOfTheShop
{
    /** By page kind: how its pages are found, and what their addresses begin with. */
    private const KINDS = [
        'product' => [ProductPages::class, 'p'],
        'category' => [CategoryPages::class, 'c'],
        'brand' => [BrandPages::class, 'brand'],
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
        [$class] = self::KINDS[$name] ?? throw new LogicException("The shop has no templates for $name.");

        return $this->made[$name] ??= $this->container->make($class);
    }

    public static function knows(string $kind): bool
    {
        return isset(self::KINDS[$kind]);
    }

    /** @return array<string, string> page kind => what the addresses of its pages begin with */
    public static function paths(): array
    {
        return array_map(static fn (array $kind): string => $kind[1], self::KINDS);
    }

    public static function address(PageKind $kind, string $slug): string
    {
        return '/'.(self::KINDS[$kind->value][1] ?? $kind->value).'/'.rawurlencode($slug);
    }

    /** @return list<PageKind> */
    public static function kinds(): array
    {
        return array_map(PageKind::from(...), array_keys(self::KINDS));
    }

    /** @return list<FindsPages> */
    public function all(): array
    {
        return array_map(fn (PageKind $kind): FindsPages => $this->get($kind), self::kinds());
    }
}
