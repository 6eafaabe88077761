<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Selling\Chosen;
use Vestibra\Core\Selling\MoneyFormat;

/** Everything a block may know while a product page is composed. */
final readonly class Context
{
    /**
     * @param  array<int, Picture>  $pictures  the pictures that the template or a fact names, by id
     * @param  array<int, ShopFile>  $files  the files that they name, by id
     */
    public function __construct(
        public Product $product,
        public Chosen $chosen,
        public CategoryTree $categories,
        public Addresses $addresses,
        public MoneyFormat $money,
        public DateTimeImmutable $now,
        public Shop $shop,
        public array $pictures = [],
        public array $files = [],
    ) {
    }
}
