<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use DateTimeImmutable;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Brand;
use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\Addresses;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Reach\World;

/** Composes one block for one product. */
final class Pages implements Addresses
{
    /** @param  array<int, int>  $wishes */
    public static function compose(
        Node $block,
        Product $product,
        array $wishes = [],
        string $now = '2026-11-24 12:00:00',
        bool $isCard = false,
    ): ComposedPage {
        return self::page(
            new Node(
                'page',
                'page',
                children: [new Node('band', 'band', children: [new Node('column', 'column', children: [$block])])],
            ),
            $product,
            $wishes,
            $now,
            $isCard,
        );
    }

    /** @param  array<int, int>  $wishes */
    public static function page(
        Node $page,
        Product $product,
        array $wishes = [],
        string $now = '2026-11-24 12:00:00',
        bool $isCard = false,
    ): ComposedPage {
        return Kinds::composer()->compose($page, self::context($product, $wishes, $now, $isCard, $page));
    }

    /** @param  array<int, int>  $wishes */
    public static function context(
        Product $product,
        array $wishes = [],
        string $now = '2026-11-24 12:00:00',
        bool $isCard = false,
        Node $page = new Node('page', 'page'),
    ): Context {
        return new Context(
            $product,
            (new VariantMatrix($product))->choose($wishes),
            World::tree(),
            new self,
            new MoneyFormat('GBP', 'en_GB'),
            new DateTimeImmutable($now),
            new PlainShop,
            self::messages(),
            [50 => self::pictureNumber(50)],
            [
                60 => new ShopFile(60, 'Care leaflet.pdf', 'care-leaflet-1a.pdf', 'application/pdf', 12_400),
                61 =>
                    new ShopFile(61, 'Rinsing.webm', 'rinsing-2b.webm', 'video/webm', 2_345_000, 640, 360, 14, 62, 50),
                62 => new ShopFile(62, 'Rinsing.vtt', 'rinsing-3c.vtt', 'text/vtt', 410),
                63 => new ShopFile(63, 'Silent.mp4', 'silent-4d.mp4', 'video/mp4', 950, 480, 640),
            ],
            $isCard,
            PlainShop::others($page),
            PlainShop::list($page, $product),
        );
    }

    public static function messages(string $locale = 'en_GB'): Messages
    {
        /** @var array<string, string> $patterns */
        $patterns = require dirname(__DIR__, 3).'/shop/messages/'.explode('_', $locale)[0].'.php';

        return new Messages($locale, $patterns);
    }

    public static function band(Node $band, Product $product): ComposedNode
    {
        return self::page(new Node('page', 'page', children: [$band]), $product)->page->children[0];
    }

    /** @param  array<int, int>  $wishes */
    public static function block(
        Node $block,
        Product $product,
        array $wishes = [],
        string $now = '2026-11-24 12:00:00',
        bool $isCard = false,
    ): ComposedNode {
        return self::compose($block, $product, $wishes, $now, $isCard)->page->children[0]->children[0]->children[0];
    }

    public static function ink(): Product
    {
        return new Product(
            id: 7,
            slug: 'teal-tide',
            title: 'Teal Tide <b>ink</b>',
            shortDescription: '<p>Blue-green.</p>',
            description: '<p>Flows.</p>',
            published: true,
            brand: new Brand(1, 'Ostrelve', 'ostrelve'),
            mainCategoryId: World::SHIMMER,
            categoryIds: [World::SHIMMER],
            options: [
                new Option(1, 'Colour', [
                    new OptionValue(11, 'Teal', '#0f6f74'),
                    new OptionValue(12, 'Plum', '#7a1f3d'),
                ]),
                new Option(2, 'Bottle', [new OptionValue(21, '30 ml'), new OptionValue(22, '50 ml')]),
            ],
            variants: [
                new Variant(101, 'TT-1', [1 => 11, 2 => 21], 950, stock: 9),
                new Variant(102, 'TT-2', [1 => 11, 2 => 22], 1350, stock: 0),
                new Variant(103, 'TT-3', [1 => 12, 2 => 21], 1200, 960, stock: 3, pictureId: 2),
            ],
            pictures: [self::pictureNumber(1), self::pictureNumber(2), self::pictureNumber(3)],
            reviewCount: 3,
            starSum: 13,
        );
    }

    /** One of three plain ones: the price of the second and the third changes some day. */
    public static function numbered(int $id): Product
    {
        $until = [2 => 1_900_000_000, 3 => 1_800_000_000][$id] ?? null;
        $ends = $until === null ? null : new DateTimeImmutable("@$until");

        return new Product(
            $id,
            (string) $id,
            "Product $id",
            '',
            '',
            true,
            variants: [
                new Variant(200 + $id, "P-$id", [], 1000, $ends === null ? null : 800, saleUntil: $ends, stock: 4),
            ],
        );
    }

    /** @return list<string> the titles of the cards in a grid */
    public static function titles(ComposedNode $grid): array
    {
        return array_map(
            static fn (ComposedNode $card): string => is_string($card->data['title']) ? $card->data['title'] : '',
            $grid->cards,
        );
    }

    public static function bare(): Product
    {
        return new Product(8, 'bare', 'Bare', '', '', true);
    }

    public static function pictureNumber(int $id): Picture
    {
        return new Picture($id, "file$id", 800, 600, "Picture $id");
    }

    public function home(): string
    {
        return '/';
    }

    public function product(string $slug): string
    {
        return "/p/$slug";
    }

    public function category(string $slug): string
    {
        return "/c/$slug";
    }

    public function brand(string $slug): string
    {
        return "/brand/$slug";
    }

    public function subject(Subject $subject): string
    {
        return ($subject->kind() === SubjectKind::Product ? '/p/' : '/c/').$subject->slug();
    }

    public function addToCart(): string
    {
        return '/cart';
    }

    public function file(ShopFile $file): string
    {
        return "/files/$file->file";
    }

    public function picture(Picture $picture, int $width): string
    {
        return "/pictures/$picture->file-$width.webp";
    }
}
