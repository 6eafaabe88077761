<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Linked;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;

/**
 * Products as schema.org JSON-LD: `Product` with its `Offer`, and `ProductGroup` with `hasVariant` where there are
 * several variants (schema.org 28, Product, ProductGroup, Offer, PropertyValue). What a shop keeps to itself is not in
 * it.
 *
 * @api
 */
final readonly class LinkedWriter
{
    public const CONTEXT = 'https://schema.org';

    /**
     * @param  string  $currency  ISO 4217
     * @param  int  $digits  how many digits of an amount are minor units
     * @param  string  $base  the address of the shop, without a slash at its end
     */
    public function __construct(
        private string $currency,
        private int $digits,
        private string $base,
    ) {
    }

    /**
     * @param  list<string>  $categories  from the root to the main category
     * @param  list<string>  $pictures  addresses, as `/pictures/teal.webp`
     * @param  string  $text  the description without marks
     * @return array<string, mixed>
     */
    public function product(Product $product, array $categories, array $pictures, string $text, int $now): array
    {
        $address = "$this->base/p/".rawurlencode($product->slug);
        $several = count($product->variants) > 1;
        $facts = [];
        foreach ($product->facts as $fact) {
            if (! $fact->fact->kind->namesThings()) {
                $facts[] = [
                    '@type' => 'PropertyValue',
                    'name' => $fact->fact->name,
                    'value' => count($fact->shown) === 1 ? $fact->shown[0] : $fact->shown,
                ]
                    + ($fact->fact->unit === '' ? [] : ['unitText' => $fact->fact->unit]);
            }
        }

        return array_filter([
            '@type' => $several ? 'ProductGroup' : 'Product',
            '@id' => $address,
            'url' => $address,
            'name' => $product->title,
            'disambiguatingDescription' => $product->shortWords(),
            'description' => $text,
            'brand' => $product->brand === null ? null : ['@type' => 'Brand', 'name' => $product->brand->name],
            'category' => implode(' > ', $categories),
            'keywords' => array_values($product->tags),
            'image' => array_map(fn (string $path): string => $this->base.$path, $pictures),
            'additionalProperty' => $facts,
        ] + ($several
            ? [
                'productGroupID' => $product->slug,
                'variesBy' => array_column($product->options, 'name'),
                'hasVariant' => array_map(
                    fn (Variant $variant): array => $this->variant($product, $variant, $address, $now),
                    $product->variants,
                ),
            ]
            : ($product->variants === [] ? [] : $this->sold($product->variants[0], $address, $now))),
            static fn (mixed $value): bool => $value !== null && $value !== '' && $value !== []);
    }

    /** @return array<string, mixed> */
    private function variant(Product $product, Variant $variant, string $address, int $now): array
    {
        $values = [];
        foreach ($product->options as $option) {
            foreach ($option->values as $value) {
                if (($variant->values[$option->id] ?? null) === $value->id) {
                    $values[] = ['@type' => 'PropertyValue', 'name' => $option->name, 'value' => $value->label];
                }
            }
        }

        return [
            '@type' => 'Product',
            'name' => $product->title.($values === [] ? '' : ', '.implode(', ', array_column($values, 'value'))),
            'additionalProperty' => $values,
        ]
            + $this->sold($variant, $address, $now);
    }

    /** @return array<string, mixed> */
    private function sold(Variant $variant, string $address, int $now): array
    {
        $at = new DateTimeImmutable("@$now");
        $onSale = $variant->isOnSale($at);
        $offer = [
            '@type' => 'Offer',
            'url' => $address,
            'price' => $this->decimal($variant->priceAt($at)),
            'priceCurrency' => $this->currency,
            'availability' => self::CONTEXT.($variant->isInStock() ? '/InStock' : '/OutOfStock'),
        ];
        if ($variant->stock !== null) {
            $offer['inventoryLevel'] = ['@type' => 'QuantitativeValue', 'value' => $variant->stock];
        }
        if ($onSale) {
            $offer += $variant->saleUntil === null
                ? []
                : ['priceValidUntil' => $variant->saleUntil->format('Y-m-d\TH:i:s\Z')];
            $offer['priceSpecification'] = [
                '@type' => 'UnitPriceSpecification',
                'priceType' => self::CONTEXT.'/StrikethroughPrice',
                'price' => $this->decimal($variant->price),
                'priceCurrency' => $this->currency,
            ];
        }

        return ['sku' => $variant->sku] + ($variant->barcode === '' ? [] : ['gtin13' => $variant->barcode]) + [
            'offers' => $offer,
        ];
    }

    private function decimal(int $minor): string
    {
        return (string) BigDecimal::ofUnscaledValue($minor, $this->digits);
    }
}
