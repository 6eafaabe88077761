<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/** @api */
final readonly class Brand
{
    public function __construct(
        public int $id,
        public string $name,
        public string $slug,
    ) {
    }
}
