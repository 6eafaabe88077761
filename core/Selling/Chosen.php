<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

use Vestibra\Core\Catalogue\Variant;

/** @api */
final readonly class Chosen
{
    /**
     * @param  Variant|null  $variant  null when the product has none
     * @param  bool  $byCustomer  the customer has chosen something of this product
     * @param  bool  $asWished  the variant has everything that was asked for
     */
    public function __construct(
        public ?Variant $variant,
        public bool $byCustomer,
        public bool $asWished,
    ) {
    }
}
