<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\StructuredData;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Tests\Core\Blocks\Pages;

/** The shapes are those of schema.org: WebSite with SearchAction, Organization, Product with offers, lists. */
final class StructuredDataTest extends TestCase
{
    public function test_home_says_the_shop_and_its_search(): void
    {
        $home = new SinglePage(SubjectKind::Home, 'Larkfold', 'home');

        self::assertSame([
            [
                '@context' => 'https://schema.org',
                '@type' => 'WebSite',
                'name' => 'Larkfold',
                'url' => 'https://shop.example/',
                'potentialAction' => [
                    '@type' => 'SearchAction',
                    'target' => [
                        '@type' => 'EntryPoint',
                        'urlTemplate' => 'https://shop.example/search?q={search_term_string}',
                    ],
                    'query-input' => 'required name=search_term_string',
                ],
            ],
            [
                '@context' => 'https://schema.org', '@type' => 'Organization', 'name' => 'Larkfold',
                'url' => 'https://shop.example/',
            ],
        ], self::said($home, []));
    }

    public function test_a_list_and_the_way_to_it_are_said_of_any_page_but_the_shop_of_home_alone(): void
    {
        $all = new SinglePage(SubjectKind::AllProducts, 'All', 'all');

        self::assertSame([
            [
                '@context' => 'https://schema.org', '@type' => 'BreadcrumbList',
                'itemListElement' => [['name' => 'Inks', 'item' => 'https://shop.example/c/inks']],
            ],
            [
                '@context' => 'https://schema.org', '@type' => 'ItemList', 'numberOfItems' => 12,
                'itemListElement' => [['url' => 'https://shop.example/p/teal']],
            ],
        ], self::said($all, [
            [StructuredPart::Breadcrumbs, [['name' => 'Inks', 'item' => new Address('/c/inks')]]],
            [StructuredPart::Products, [
                'numberOfItems' => 12, 'itemListElement' => [['url' => new Address('/p/teal')]],
            ]],
        ]));
        self::assertSame([], self::said($all, []));
    }

    public function test_a_product_is_said_with_what_its_blocks_show_and_no_more(): void
    {
        $ink = Pages::ink();

        self::assertSame([], self::said($ink, [[StructuredPart::Description, 'Flows.']]), 'Without its name: nothing.');
        self::assertSame(
            [self::product([])],
            self::said($ink, [[StructuredPart::Name, 'Teal Tide'], [StructuredPart::Name, 'Said again']]),
        );
        self::assertSame(
            [self::product([
                'description' => 'Flows.', 'brand' => ['name' => 'Ostrelve'],
                'image' => ['https://shop.example/pictures/a.webp'], 'sku' => 'TT-1', 'gtin' => '4006381333931',
                'aggregateRating' => ['ratingValue' => 4.5], 'review' => [['author' => 'A']],
            ])],
            self::said($ink, [
                [StructuredPart::Name, 'Teal Tide'], [StructuredPart::Rating, ['ratingValue' => 4.5]],
                [StructuredPart::Reviews, [['author' => 'A']]], [StructuredPart::Gtin, '4006381333931'],
                [StructuredPart::Sku, 'TT-1'], [StructuredPart::Images, [new Address('/pictures/a.webp')]],
                [StructuredPart::Brand, ['name' => 'Ostrelve']], [StructuredPart::Description, 'Flows.'],
                [StructuredPart::Availability, StructuredPart::IN_STOCK],
            ]),
            'Whether it can be had is part of an offer, and no price is shown.',
        );
    }

    public function test_its_price_is_an_offer_with_the_address_and_whether_it_can_be_had_where_a_block_says_so(): void
    {
        $offer = ['@type' => 'Offer', 'price' => '9.50'];
        $range = ['@type' => 'AggregateOffer', 'lowPrice' => '9.50'];
        $url = ['url' => 'https://shop.example/p/teal-tide'];
        $out = [StructuredPart::Availability, StructuredPart::OUT_OF_STOCK];

        self::assertSame($offer + $url, self::offers([[StructuredPart::Price, $offer]]));
        self::assertSame(
            $offer + $url + ['availability' => StructuredPart::OUT_OF_STOCK],
            self::offers([[StructuredPart::Price, $offer], $out]),
        );
        self::assertSame($range + $url, self::offers([[StructuredPart::Price, $range], $out]));
    }

    public function test_each_variant_is_an_offer_where_customers_can_choose_one(): void
    {
        $price = [StructuredPart::Price, ['@type' => 'AggregateOffer']];
        $one = ['@type' => 'Offer', 'sku' => 'TT-1', 'availability' => StructuredPart::IN_STOCK];
        $two = ['@type' => 'Offer', 'sku' => 'TT-2', 'availability' => StructuredPart::OUT_OF_STOCK];
        $variants = [StructuredPart::Variants, ['a' => $one, 'b' => $two]];
        $stock = [StructuredPart::Availability, StructuredPart::IN_STOCK];

        self::assertSame([$one, $two], self::offers([$price, $variants, $stock]));
        self::assertSame(
            [['@type' => 'Offer', 'sku' => 'TT-1'], ['@type' => 'Offer', 'sku' => 'TT-2']],
            self::offers([$price, $variants]),
            'No block says whether they can be had.',
        );
        self::assertSame(
            ['@type' => 'AggregateOffer', 'url' => 'https://shop.example/p/teal-tide'],
            self::offers([$price, [StructuredPart::Variants, [$one]], $stock]),
            'One variant is no choice.',
        );
        self::assertNull(self::offers([$variants, $stock]), 'Without a price there is no offer.');
    }

    public function test_what_another_product_says_on_the_page_is_not_said_of_this_one(): void
    {
        $other = new Product(8, 'bare', 'Bare', '', '', true);
        $seven = new SinglePage(SubjectKind::Home, 'Seven', 'home');

        self::assertFalse(Said::of($other, StructuredPart::Name, 'Bare')->isOf(Pages::ink()));
        self::assertTrue(Said::of(Pages::ink(), StructuredPart::Name, 'Teal')->isOf(Pages::ink()));
        self::assertFalse(
            Said::of(new Product($seven->id(), 's', 'S', '', '', true), StructuredPart::Name, 'S')->isOf($seven),
            'The number is the same, and it is about something else.',
        );
        $said = new ComposedNode('a', 'title', [], [], says: [Said::of($other, StructuredPart::Name, 'Bare')]);
        self::assertSame([], self::data()->of($said, Pages::ink(), '/p/teal-tide'));
    }

    public function test_what_is_not_on_the_page_says_nothing(): void
    {
        $says = [Said::of(Pages::ink(), StructuredPart::Name, 'Teal Tide')];
        $off = new ComposedNode('a', 'title', [], [], absent: 'switched off', says: $says);

        self::assertSame([], self::data()->of($off, Pages::ink(), '/p/teal-tide'));
    }

    /** @param  list<array{StructuredPart, mixed}>  $parts */
    private static function offers(array $parts): mixed
    {
        return self::said(Pages::ink(), [[StructuredPart::Name, 'Teal Tide'], ...$parts])[0]['offers'] ?? null;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function product(array $more): array
    {
        return [
            '@context' => 'https://schema.org', '@type' => 'Product', 'name' => 'Teal Tide',
            'url' => 'https://shop.example/p/teal-tide',
        ] + $more;
    }

    /**
     * @param  list<array{StructuredPart, mixed}>  $parts
     * @return list<array<string, mixed>>
     */
    private static function said(Subject $subject, array $parts): array
    {
        $blocks = [];
        foreach ($parts as $place => [$part, $value]) {
            $blocks[] = new ComposedNode("b$place", 'x', [], [], says: [Said::of($subject, $part, $value)]);
        }

        return self::data()->of(new ComposedNode('page', 'page', [], $blocks), $subject, '/p/teal-tide');
    }

    private static function data(): StructuredData
    {
        return new StructuredData('Larkfold', static fn (string $path): string => "https://shop.example$path");
    }
}
