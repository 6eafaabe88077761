<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use DateTimeImmutable;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * A product with all that its page may show. Descriptions are HTML that has been made safe.
 *
 * @api
 */
final readonly class Product implements Subject
{
    /**
     * @param  list<int>  $categoryIds  filed in exactly these
     * @param  list<int>  $collectionIds
     * @param  array<int, string>  $tags  id => name
     * @param  list<Option>  $options
     * @param  list<Variant>  $variants  published ones, in the owner's order
     * @param  list<Picture>  $pictures
     * @param  int  $reviewCount  published reviews
     * @param  int  $starSum  the sum of their stars
     * @param  list<FactValue>  $facts  in the owner's order
     * @param  DateTimeImmutable|null  $addedAt  first published
     * @param  list<string>  $collectionNames  as the ids
     * @param  string  $ownSearchTitle  what search engines are told instead of the title; empty for the title
     * @param  string  $ownSearchDescription  instead of the short description
     */
    public function __construct(
        public int $id,
        public string $slug,
        public string $title,
        public string $shortDescription,
        public string $description,
        public bool $published,
        public ?Brand $brand = null,
        public ?int $mainCategoryId = null,
        public array $categoryIds = [],
        public array $collectionIds = [],
        public array $tags = [],
        public array $options = [],
        public array $variants = [],
        public array $pictures = [],
        public int $reviewCount = 0,
        public int $starSum = 0,
        public array $facts = [],
        public ?DateTimeImmutable $addedAt = null,
        public array $collectionNames = [],
        private string $ownSearchTitle = '',
        private string $ownSearchDescription = '',
    ) {
    }

    public function kind(): SubjectKind
    {
        return SubjectKind::Product;
    }

    public function id(): int
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function slug(): string
    {
        return $this->slug;
    }

    public function isShown(): bool
    {
        return $this->published;
    }

    public function searchTitle(): string
    {
        return $this->ownSearchTitle ?: $this->title;
    }

    public function searchDescription(): string
    {
        return $this->ownSearchDescription ?: (string) preg_replace('/\s+/u', ' ', $this->shortWords());
    }

    /** The short description as plain words, a paragraph a line. */
    public function shortWords(): string
    {
        return FactValue::plain($this->shortDescription);
    }

    public function fact(int $id): ?FactValue
    {
        foreach ($this->facts as $value) {
            if ($value->fact->id === $id) {
                return $value;
            }
        }

        return null;
    }

    public function variant(int $id): ?Variant
    {
        return array_values(array_filter($this->variants, static fn (Variant $one): bool => $one->id === $id))[0]
            ?? null;
    }

    public function picture(int $id): ?Picture
    {
        foreach ($this->pictures as $picture) {
            if ($picture->id === $id) {
                return $picture;
            }
        }

        return null;
    }
}
