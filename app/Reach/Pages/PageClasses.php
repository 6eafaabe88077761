<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Reach\Kinds\PagesOfKind;

/** How the pages of each kind are found. Another kind is one class, a line here and a line in PageAddresses. */
final class PageClasses
{
    /** @var array<string, class-string<PagesOfKind>> by page kind */
    public const BY_KIND = [
        'product' => ProductPages::class,
        'category' => CategoryPages::class,
        'collection' => CollectionPages::class,
        'brand' => BrandPages::class,
        'tag' => TagPages::class,
        'home' => HomePages::class,
        'all-products' => AllProductsPages::class,
        'not-found' => NotFoundPages::class,
        'search' => SearchPages::class,
        'header' => HeaderPages::class,
        'footer' => FooterPages::class,
    ];
}
