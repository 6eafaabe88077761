<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/** @api */
final readonly class Category
{
    public function __construct(
        public int $id,
        public ?int $parentId,
        public string $name,
        public string $slug,
    ) {
    }
}
