<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Gallery\GalleryBlock;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Node;

/** Blocks that show what facts name: files, pictures, links and products; and films. */
final class ThingsTest extends TestCase
{
    public function test_downloads_are_those_of_the_fact_first_and_then_those_on_every_product_each_once(): void
    {
        $what = ['fact' => 1, 'files' => [63, 60]];
        $files = Pages::block(new Node('b', 'downloads', $what), self::with(FactKind::Files, ['60']))->data['files']
            ?? [];
        self::assertSame([
            ['name' => 'Care leaflet', 'address' => '/files/care-leaflet-1a.pdf', 'words' => 'PDF, 12 kB'],
            ['name' => 'Silent', 'address' => '/files/silent-4d.mp4', 'words' => 'MP4, 950 bytes'],
        ], $files);
    }

    public function test_downloads_that_are_missing_say_why(): void
    {
        self::assertSame('choose a fact or files', self::absent('downloads', [], Pages::ink()));
        self::assertSame('these files are gone', self::absent('downloads', ['files' => [99]], Pages::ink()));
        self::assertSame('this product has nothing in Care', self::absent('downloads', ['fact' => 1], Pages::ink()));
        self::assertSame(
            'this product has nothing in Care',
            self::absent('downloads', ['fact' => 1], self::with(FactKind::Files, ['99'])),
        );
    }

    public function test_a_film_brings_its_captions_and_the_picture_that_stands_there_until_it_plays(): void
    {
        $film = Pages::block(new Node('b', 'film', ['film' => 61, 'said' => 'Rinsing a nib']), Pages::ink());
        self::assertSame([
            'said' => 'Rinsing a nib', 'address' => '/files/rinsing-2b.webm', 'type' => 'video/webm', 'width' => 640,
            'height' => 360,
            'shape' => 'wide', 'captions' => '/files/rinsing-3c.vtt', 'poster' => '/pictures/file50-800.webp',
            'posters' => '',
        ], $film->data);
        self::assertNull($film->note);
    }

    public function test_a_film_without_captions_says_so_to_the_owner(): void
    {
        $film = Pages::block(new Node('b', 'film', ['film' => 63]), Pages::ink());
        self::assertSame(
            ['upright', null, null],
            [$film->data['shape'], $film->data['captions'], $film->data['poster']],
        );
        self::assertSame('This film has no captions for those who cannot hear it', $film->note);
        self::assertSame('choose a film', self::absent('film', [], Pages::ink()));
        self::assertSame('this film is gone', self::absent('film', ['film' => 99], Pages::ink()));
    }

    public function test_a_band_may_have_a_film_behind_it(): void
    {
        $page = Pages::compose(new Node('b', 'title'), Pages::ink())->page;
        self::assertNull($page->children[0]->data['film']);
        $band = new Node('band', 'band', ['film' => 61]);
        self::assertSame('/files/rinsing-2b.webm', Pages::band($band, Pages::ink())->data['film']['address'] ?? null);
    }

    public function test_a_picture_of_a_fact_stands_where_a_picture_stands(): void
    {
        $what = ['picture' => ['source' => 'product.fact-picture', 'of' => 1]];
        self::assertSame(
            50,
            Pages::block(new Node('b', 'picture', $what), self::with(FactKind::Picture, ['50']))->data['id'] ?? null,
        );
        self::assertSame('no picture', self::absent('picture', $what, Pages::ink()));
        self::assertSame(
            50,
            Pages::block(
                new Node('b', 'picture', ['picture' => ['otherwise' => 50] + $what['picture']]),
                Pages::ink(),
            )->data['id']
                ?? null,
        );
    }

    public function test_a_link_leads_where_the_fact_says_or_to_its_first_file(): void
    {
        $what = ['text' => 'More', 'link' => ['source' => 'product.fact-link', 'of' => 1]];
        self::assertSame(
            '/c/inks',
            Pages::block(new Node('b', 'button', $what), self::with(FactKind::Link, [' /c/inks ']))->data['link']
                ?? null,
        );
        self::assertSame(
            '/files/care-leaflet-1a.pdf',
            Pages::block(new Node('b', 'button', $what), self::with(FactKind::Files, ['60', '63']))->data['link']
                ?? null,
        );
        self::assertNotNull(Pages::block(new Node('b', 'button', $what), Pages::ink())->absent);
    }

    public function test_the_facts_table_leads_to_addresses_and_files_and_leaves_out_what_has_no_words(): void
    {
        $rows = static fn (FactKind $kind, string ...$written): mixed => Pages::block(
            new Node('b', 'facts-table', ['which' => 'all']),
            self::with($kind, array_values($written)),
        )->data['rows']
            ?? null;
        self::assertSame(
            [['Care', 'https://larkfold.example/ink', [
                ['words' => 'larkfold.example/ink', 'address' => 'https://larkfold.example/ink'],
            ]]],
            $rows(FactKind::Link, 'https://larkfold.example/ink'),
        );
        self::assertSame(
            [['Care', '', [['words' => 'Care leaflet.pdf', 'address' => '/files/care-leaflet-1a.pdf']]]],
            $rows(FactKind::Files, '60', '99'),
        );
        foreach ([FactKind::Picture, FactKind::Products, FactKind::Blocks] as $kind) {
            self::assertNull($rows($kind, '50'));
        }
    }

    public function test_products_of_a_fact_come_before_those_picked_for_every_product_and_never_itself(): void
    {
        $block = Pages::block(
            new Node('b', 'product-grid', ['feed' => 'chosen', 'fact' => 1, 'products' => [1, 2]]),
            self::with(FactKind::Products, ['2', '7', '3']),
        );
        self::assertSame(['Product 2', 'Product 3', 'Product 1'], Pages::titles($block));
        self::assertSame(
            'this product has nothing in Care',
            self::absent('product-grid', ['feed' => 'chosen', 'fact' => 1], Pages::ink()),
        );
    }

    public function test_a_number_comes_from_a_fact_where_the_setting_takes_it(): void
    {
        $low = static fn (mixed $value, ?string $written, int $decimals = 0): mixed => Pages::block(
            new Node('b', 'stock', ['low' => $value]),
            self::stocked(9, $written, $decimals),
        )->data['state']
            ?? null;
        $fact = ['source' => 'product.fact-number', 'of' => 1];
        self::assertSame('in', $low($fact, null), 'the setting’s own 5');
        self::assertSame('low', $low($fact, '9'));
        self::assertSame('in', $low($fact, '8'));
        self::assertSame('low', $low($fact, '9.0', 1));
        self::assertSame('in', $low($fact, '8.9', 1), 'rounded down');
        self::assertSame('in', $low($fact, '8.99', 2), 'rounded down');
        self::assertSame('in', $low($fact, '-0.5', 1), 'rounded down, to a number that the setting does not take');
        self::assertSame('in', $low($fact, '100'), 'more than the setting takes');
        self::assertSame('low', $low(['otherwise' => 12] + $fact, null));
        self::assertSame('low', $low(9, '1'));
    }

    public function test_stock_rating_and_reviews_stand_among_words(): void
    {
        $words = static fn (string $source, Product $product): mixed =>
            Pages::block(new Node('b', 'text', ['text' => ['source' => $source]]), $product)->data['text'] ?? null;
        self::assertSame(['9', '4.3', '3'], [
            $words('product.stock', Pages::ink()),
            $words('product.rating', Pages::ink()),
            $words('product.review-count', Pages::ink()),
        ]);
        self::assertSame([null, null, null], [
            $words('product.stock', Pages::bare()),
            $words('product.rating', Pages::bare()),
            $words('product.review-count', Pages::bare()),
        ]);
        self::assertSame('0', $words('product.stock', self::stocked(-2, null, 0)));
    }

    public function test_own_blocks_and_shared_parts_that_come_to_nothing_say_so(): void
    {
        self::assertSame('choose which fact stands here', self::absent('own-blocks', [], Pages::ink()));
        self::assertSame('this product has nothing in Care', self::absent('own-blocks', ['fact' => 1], Pages::ink()));
        self::assertSame('this part is empty, or gone', self::absent('shared', ['part' => 3], Pages::ink()));
        $full = new Node('b', 'shared', ['part' => 3], children: [new Node('c', 'title')]);
        self::assertNull(Pages::block($full, Pages::ink())->absent);
        $none = new Node('b', 'shared', ['part' => 3], children: [new Node('c', 'short-description')]);
        self::assertSame('nothing in it shows here', Pages::block($none, Pages::bare())->absent);
    }

    /**
     * @param  list<string>  $written
     * @param  list<Picture>  $pictures
     */
    private static function with(FactKind $kind, array $written, array $pictures = []): Product
    {
        $value = FactValue::of(new Fact(1, 'Care', $kind), $written);
        self::assertNotNull($value);

        return new Product(7, 'teal-tide', 'Teal Tide', '', '', true, pictures: $pictures, facts: [$value]);
    }

    /** @param  array<string, mixed>  $what */
    private static function absent(string $kind, array $what, Product $product): ?string
    {
        return Pages::block(new Node('b', $kind, $what), $product)->absent;
    }

    private static function stocked(int $stock, ?string $written, int $decimals): Product
    {
        $value = $written === null
            ? null
            : FactValue::of(new Fact(1, 'Few are', FactKind::Number, '', $decimals), [$written]);

        return new Product(
            7,
            'teal-tide',
            'Teal Tide',
            '',
            '',
            true,
            variants: [new Variant(1, 'A', [], 900, stock: $stock)],
            facts: $value === null ? [] : [$value],
        );
    }

    public function test_films_of_a_fact_stand_between_the_pictures_of_a_gallery(): void
    {
        $ids = static function (array $what): array {
            $product = self::with(FactKind::Files, ['60', '63', '61', '99'], Pages::ink()->pictures);

            $gallery = Pages::block(new Node('b', 'gallery', $what), $product);

            return array_column((array) $gallery->data['pictures'], 'id');
        };

        self::assertSame([1, 2, 3], $ids([]));
        self::assertSame([1, 'film-63', 'film-61', 2, 3], $ids(['films' => 1]));
        self::assertSame([1, 2, 3, 'film-63', 'film-61'], $ids(['films' => 1, 'filmsStand' => 'last']));
        self::assertSame([50], $ids(['films' => 1, 'from' => 'own', 'pictures' => [50, 51]]));
    }

    public function test_a_gallery_of_ones_own_pictures_stands_on_any_page(): void
    {
        $own = Pages::block(new Node('b', 'gallery', ['from' => 'own', 'pictures' => [50]]), Pages::bare());
        self::assertSame([50], array_column((array) $own->data['pictures'], 'id'));
        self::assertSame([], $own->says);
        $none = Pages::block(new Node('b', 'gallery', ['from' => 'own', 'pictures' => [99]]), Pages::ink());
        self::assertSame('no pictures are chosen', $none->absent);
        self::assertTrue((new GalleryBlock)->definition()->fits(SubjectKind::Category));
    }
}
