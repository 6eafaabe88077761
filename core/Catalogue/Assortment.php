<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * A set of products with a name and a page of its own: a category, collection, brand or tag.
 *
 * @api
 */
final readonly class Assortment implements Subject
{
    /**
     * @param  int  $products  published ones; of a category, in it or anywhere beneath it
     * @param  bool  $isOrdered  whether the owner gave some of them places of their own
     */
    public function __construct(
        public SubjectKind $kind,
        public int $id,
        public string $slug,
        public string $name,
        public string $description = '',
        public ?Picture $picture = null,
        public int $products = 0,
        private string $ownSearchTitle = '',
        private string $ownSearchDescription = '',
        public bool $isOrdered = false,
    ) {
    }

    public function kind(): SubjectKind
    {
        return $this->kind;
    }

    public function id(): int
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->name;
    }

    public function slug(): string
    {
        return $this->slug;
    }

    public function searchTitle(): string
    {
        return $this->ownSearchTitle ?: $this->name;
    }

    public function searchDescription(): string
    {
        return $this->ownSearchDescription ?: $this->description;
    }

    public function isShown(): bool
    {
        return true;
    }
}
