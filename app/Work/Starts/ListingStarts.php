<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\Core\Pages\PageKind;

/** Starts for pages that list products of their own: categories, collections, brands, tags, and all products. */
final class ListingStarts
{
    /** The start with the page's picture. */
    public const PICTURED = 'banner';

    public const LIST = [
        [
            'name' => 'shelves',
            'title' => 'Name, words, products',
            'words' => 'The way there, the name and its words, what lies beneath, and all products.',
        ],
        [
            'name' => self::PICTURED,
            'title' => 'Banner and products',
            'words' => 'The name over its picture, across the page; then three products in a row.',
        ],
        [
            'name' => 'beside',
            'title' => 'Words beside the products',
            'words' =>
                'A narrow column with the name, its words and ways on; the products beside it, and “more” below.',
        ],
    ];

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(PageKind $kind, string $name): ?array
    {
        return match ($name) {
            'shelves' => self::shelves($kind),
            'banner' => self::banner($kind),
            'beside' => self::beside($kind),
            default => null,
        };
    }

    /** @return list<array<string, mixed>> */
    private static function shelves(PageKind $kind): array
    {
        return [
            Starts::band([
                ['kind' => 'breadcrumbs'], ['kind' => 'page-title'], ['kind' => 'page-description'],
                ...self::ways($kind, []),
            ]),
            Starts::band([self::grid($kind), ['kind' => 'paging']]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function banner(PageKind $kind): array
    {
        return [
            [
                'what' => ['picture' => ['source' => 'page.picture']],
                'how' => ['desktop' => ['minScreen' => 40, 'tint' => 'ground', 'tintStrength' => 88]],
            ] + Starts::band([
                [
                    'kind' => 'page-title',
                    'how' => ['desktop' => ['size' => 'size-6', 'align' => 'center'], 'phone' => ['size' => 'size-4']],
                ],
                [
                    'kind' => 'page-description',
                    'how' => ['desktop' => ['size' => 'size-2', 'colour' => 'ink', 'align' => 'center']],
                ],
            ]),
            Starts::band([self::grid($kind, ['perPage' => 9], ['perRow' => 3]), ['kind' => 'paging']]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function beside(PageKind $kind): array
    {
        return [
            Starts::band([['kind' => 'breadcrumbs']]),
            Starts::band(
                [
                    'share' => 1,
                    ['kind' => 'page-title', 'how' => ['desktop' => ['size' => 'size-4']]],
                    ['kind' => 'page-description'],
                    self::filters(),
                ],
                [
                    'share' => 3,
                    ['kind' => 'chosen-filters'],
                    ['kind' => 'result-count'],
                    self::grid($kind, ['count' => false, 'rows' => 4], ['perRow' => 3]),
                    ['kind' => 'paging', 'what' => ['way' => 'more'], 'how' => ['desktop' => ['align' => 'center']]],
                ],
            ),
        ];
    }

    /**
     * @return array<string, mixed> what a shop that is not known yet may be narrowed by: what leads to nothing is not
     *     there
     */
    public static function filters(): array
    {
        return ['kind' => 'filters', 'children' => array_map(
            static fn (string $by): array => ['kind' => 'filter', 'what' => ['by' => $by]],
            ['category', 'price', 'brand', 'rating', 'stock', 'sale'],
        )];
    }

    /**
     * @param  array<string, mixed>  $what
     * @param  array<string, mixed>  $how
     * @return array<string, mixed>
     */
    public static function grid(PageKind $kind, array $what = [], array $how = []): array
    {
        $what += $kind === PageKind::Collection ? ['sort' => 'own'] : [];

        return array_filter([
            'kind' => 'product-grid',
            'what' => $what,
            'how' => $how === [] ? [] : ['desktop' => $how, 'phone' => ['perRow' => 2]],
        ]);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return list<array<string, mixed>>
     */
    private static function ways(PageKind $kind, array $what): array
    {
        return in_array($kind, [PageKind::Category, PageKind::AllProducts], true)
            ? [array_filter(['kind' => 'beneath', 'what' => $what])]
            : [];
    }
}
