<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

/** Starts for pages of sets of products: categories, collections, brands, tags. */
final class ListingStarts
{
    /** @return list<array<string, mixed>> */
    public static function shelves(): array
    {
        return [
            Starts::band([['kind' => 'breadcrumbs'], ['kind' => 'page-title'], ['kind' => 'page-description'], ['kind' => 'beneath']]),
            Starts::band([['kind' => 'product-grid'], ['kind' => 'paging']]),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function banner(): array
    {
        return [
            ['what' => ['picture' => ['source' => 'page.picture']], 'how' => ['desktop' => ['minScreen' => 40, 'tint' => 'ground', 'tintStrength' => 80]]] + Starts::band([
                ['kind' => 'page-title', 'how' => ['desktop' => ['size' => 56, 'align' => 'center'], 'phone' => ['size' => 36]]],
                ['kind' => 'page-description', 'how' => ['desktop' => ['size' => 20, 'colour' => 'ink', 'align' => 'center']]],
            ]),
            Starts::band([['kind' => 'product-grid', 'what' => ['perPage' => 9], 'how' => ['desktop' => ['perRow' => 3]]], ['kind' => 'paging']]),
        ];
    }
}
