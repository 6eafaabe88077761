<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Structured;

use Closure;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/**
 * What a composed page tells search engines, in JSON-LD (W3C JSON-LD 1.1) with the terms of schema.org: BreadcrumbList,
 * ItemList, Product with Offer or AggregateOffer, AggregateRating and Review, WebSite with SearchAction, Organization.
 * It is made of what the blocks show, so that it never says what the page does not.
 *
 * @api
 */
final readonly class StructuredData
{
    private const CONTEXT = ['@context' => 'https://schema.org'];

    /** What of a product stands there as it was said. */
    private const PROPERTIES = [
        'description' => StructuredPart::Description, 'brand' => StructuredPart::Brand,
        'image' => StructuredPart::Images, 'sku' => StructuredPart::Sku, 'gtin' => StructuredPart::Gtin,
        'aggregateRating' => StructuredPart::Rating, 'review' => StructuredPart::Reviews,
    ];

    /** @param  Closure(string): string  $absolute  an address of the shop as others write it */
    public function __construct(
        private string $shop,
        private Closure $absolute,
    ) {
    }

    /**
     * @param  string  $address  of the page, from the shop's root
     * @return list<array<string, mixed>>
     */
    public function of(ComposedNode $page, Subject $subject, string $address): array
    {
        $said = [];
        foreach ($page->shown() as $node) {
            foreach ($node->says as $one) {
                if ($one->isOf($subject)) {
                    $said[$one->part->name] ??= $this->resolved($one->value);
                }
            }
        }
        $isHome = $subject->kind() === SubjectKind::Home;

        return array_values(array_filter([
            $isHome ? $this->site() : null,
            $isHome
                ? self::CONTEXT + ['@type' => 'Organization', 'name' => $this->shop, 'url' => ($this->absolute)('/')]
                : null,
            isset($said[StructuredPart::Breadcrumbs->name])
                ? self::CONTEXT
                + ['@type' => 'BreadcrumbList', 'itemListElement' => $said[StructuredPart::Breadcrumbs->name]]
                : null,
            $this->products($said[StructuredPart::Products->name] ?? null),
            $subject->kind() === SubjectKind::Product && isset($said[StructuredPart::Name->name])
                ? $this->product($said, $address)
                : null,
        ]));
    }

    /** @return array<string, mixed>|null */
    private function products(mixed $list): ?array
    {
        return is_array($list)
            ? self::CONTEXT + [
                '@type' => 'ItemList',
                'numberOfItems' => $list['numberOfItems'] ?? 0,
                'itemListElement' => $list['itemListElement'] ?? [],
            ]
            : null;
    }

    /** @return array<string, mixed> the search stands on every page */
    private function site(): array
    {
        return self::CONTEXT + [
            '@type' => 'WebSite', 'name' => $this->shop, 'url' => ($this->absolute)('/'),
            'potentialAction' => [
                '@type' => 'SearchAction',
                'target' => [
                    '@type' => 'EntryPoint',
                    'urlTemplate' => ($this->absolute)('/search').'?q={search_term_string}',
                ],
                'query-input' => 'required name=search_term_string',
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private function product(array $said, string $address): array
    {
        $product = self::CONTEXT + [
            '@type' => 'Product',
            'name' => $said[StructuredPart::Name->name] ?? '',
            'url' => ($this->absolute)($address),
        ];
        foreach (self::PROPERTIES as $property => $part) {
            if (isset($said[$part->name])) {
                $product[$property] = $said[$part->name];
            }
        }
        $offers = $this->offers($said, ($this->absolute)($address));

        return $offers === null ? $product : $product + ['offers' => $offers];
    }

    /**
     * Of each variant where customers can choose one; else as the price is shown. Whether it can be had is said where a
     * block does.
     *
     * @param  array<string, mixed>  $said
     * @return array<array-key, mixed>|null
     */
    private function offers(array $said, string $address): ?array
    {
        $price = $said[StructuredPart::Price->name] ?? null;
        $variants = $said[StructuredPart::Variants->name] ?? null;
        $availability = $said[StructuredPart::Availability->name] ?? null;
        if (! is_array($price)) {
            return null;
        }
        if (is_array($variants) && count($variants) > 1) {
            return array_values(array_map(
                static fn (mixed $one): mixed =>
                    is_array($one) && $availability === null ? array_diff_key($one, ['availability' => true]) : $one,
                $variants,
            ));
        }

        return $price + ['url' => $address] + ($availability === null || ($price['@type'] ?? '') !== 'Offer'
            ? []
            : ['availability' => $availability]);
    }

    /** With addresses as others write them. */
    private function resolved(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Address => ($this->absolute)($value->path),
            is_array($value) => array_map($this->resolved(...), $value),
            default => $value,
        };
    }
}
