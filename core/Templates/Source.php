<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * A value that comes from the product. Stored as `{"source": "product.title", "otherwise": "…"}`.
 */
enum Source: string
{
    case Title = 'product.title';
    case ShortDescription = 'product.short-description';
    case Brand = 'product.brand';
    case Category = 'product.category';
    case Sku = 'product.sku';
    case Picture = 'product.picture';

    /** Whether the source gives a picture rather than words. */
    public function isPicture(): bool
    {
        return $this === self::Picture;
    }

    public function words(): string
    {
        return match ($this) {
            self::Title => 'title',
            self::ShortDescription => 'short description',
            self::Brand => 'brand',
            self::Category => 'main category',
            self::Sku => 'SKU',
            self::Picture => 'first picture',
        };
    }

    /** @return self|null null when the value is not of the stored shape */
    public static function of(mixed $value): ?self
    {
        $name = is_array($value) ? $value['source'] ?? null : null;

        return is_string($name) ? self::tryFrom($name) : null;
    }
}
