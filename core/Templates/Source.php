<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\SubjectKind;

/**
 * A value that comes from the page's subject or the shop. Stored as `{"source": "product.title", "otherwise": "…"}`; a
 * fact or an option is named besides by its id, as `{"source": "product.fact", "of": 7}`.
 *
 * @shape Source array{source: string, of?: int, otherwise?: string|int}
 *
 * @api
 */
enum Source: string
{
    case Title = 'product.title';
    case ShortDescription = 'product.short-description';
    case Description = 'product.description';
    case Brand = 'product.brand';
    case Category = 'product.category';
    case Collection = 'product.collection';
    case Tags = 'product.tags';
    case Sku = 'product.sku';
    case Price = 'product.price';
    case Stock = 'product.stock';
    case Rating = 'product.rating';
    case ReviewCount = 'product.review-count';
    case Fact = 'product.fact';
    case FactPicture = 'product.fact-picture';
    case FactLink = 'product.fact-link';
    case FactDay = 'product.fact-day';
    case FactNumber = 'product.fact-number';
    case Option = 'product.option';
    case Picture = 'product.picture';
    case OtherPicture = 'product.other-picture';
    case ProductLink = 'product.link';
    case CategoryLink = 'product.category-link';
    case BrandLink = 'product.brand-link';
    case PageTitle = 'page.title';
    case PageDescription = 'page.description';
    case PagePicture = 'page.picture';
    case PageProducts = 'page.products';
    case ShopName = 'shop.name';

    public function gives(): SourceValue
    {
        return match ($this) {
            self::Picture, self::OtherPicture, self::FactPicture, self::PagePicture => SourceValue::Picture,
            self::ProductLink, self::CategoryLink, self::BrandLink, self::FactLink => SourceValue::Link,
            self::FactDay => SourceValue::Day,
            self::FactNumber => SourceValue::Number,
            self::Description, self::PageDescription => SourceValue::RichText,
            default => SourceValue::Words,
        };
    }

    /** Whether pages about such a subject have it. */
    public function isOf(SubjectKind $subject): bool
    {
        return match (true) {
            $this === self::ShopName => true,
            str_starts_with($this->value, 'page.') => $subject->holdsProducts(),
            default => $subject === SubjectKind::Product,
        };
    }

    /**
     * @return list<self> how a fact fills settings: with words as a rule; pictures and links their own way; lists of
     *     things not at all
     */
    public static function ofFact(FactKind $kind): array
    {
        return match ($kind) {
            FactKind::Picture => [self::FactPicture],
            FactKind::Link, FactKind::Files => [self::FactLink],
            FactKind::Products, FactKind::Blocks => [],
            FactKind::Date => [self::Fact, self::FactDay],
            FactKind::Number => [self::Fact, self::FactNumber],
            default => [self::Fact],
        };
    }

    /** Whether it is one of several that the shop has, named by its id. */
    public function isOneOfSeveral(): bool
    {
        return in_array(
            $this,
            [self::Fact, self::FactPicture, self::FactLink, self::FactDay, self::FactNumber, self::Option],
            true,
        );
    }

    /** As it follows "the product’s" or "the category’s" or, for the shop's name, stands alone. */
    public function words(): string
    {
        return match ($this) {
            self::Title => 'title',
            self::ShortDescription => 'short description',
            self::Description => 'description',
            self::Brand => 'brand',
            self::Category => 'main category',
            self::Collection => 'first collection',
            self::Tags => 'tags',
            self::Sku => 'SKU',
            self::Price => 'price',
            self::Stock => 'stock',
            self::Rating => 'rating',
            self::ReviewCount => 'number of reviews',
            self::Fact, self::FactPicture, self::FactLink, self::FactDay, self::FactNumber => 'fact',
            self::Option => 'option',
            self::Picture => 'first picture',
            self::OtherPicture => 'second picture',
            self::ProductLink => 'page',
            self::CategoryLink => 'main category’s page',
            self::BrandLink => 'brand’s page',
            self::PageTitle => 'name',
            self::PageDescription => 'description',
            self::PagePicture => 'picture',
            self::PageProducts => 'number of products',
            self::ShopName => 'the shop’s name',
        };
    }

    /** @return self|null null when the value is not of the stored shape */
    public static function of(mixed $value): ?self
    {
        $name = is_array($value) ? $value['source'] ?? null : null;

        return is_string($name) ? self::tryFrom($name) : null;
    }

    /** The id of the fact or option that a stored value names. */
    public static function numberOf(mixed $value): ?int
    {
        $number = is_array($value) ? $value['of'] ?? null : null;

        return is_int($number) && $number > 0 ? $number : null;
    }
}
