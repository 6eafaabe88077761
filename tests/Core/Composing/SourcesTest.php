<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\Icons;
use Vestibra\Core\Composing\Sources;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Source;
use Vestibra\Tests\Core\Blocks\Pages;

/** What the sources of a block's values give. */
final class SourcesTest extends TestCase
{
    /** @return iterable<string, array{Source, int|null, string}> */
    public static function words(): iterable
    {
        yield 'the shop' => [Source::ShopName, null, 'Larkfold'];
        yield 'the title' => [Source::Title, null, 'Teal Tide <b>ink</b>'];
        yield 'the first collection' => [Source::Collection, null, 'Desk favourites'];
        yield 'tags' => [Source::Tags, null, 'gift, new'];
        yield 'the chosen value of an option' => [Source::Option, 1, 'Plum'];
        yield 'the chosen value of the other' => [Source::Option, 2, '30 ml'];
        yield 'of an option that it has not' => [Source::Option, 9, ''];
        yield 'the chosen stock' => [Source::Stock, null, '3'];
        yield 'the chosen code' => [Source::Sku, null, 'TT-3'];
        yield 'the chosen price, reduced' => [Source::Price, null, '£9.60'];
        yield 'stars on average' => [Source::Rating, null, '4.5'];
        yield 'how many reviews' => [Source::ReviewCount, null, '2'];
        yield 'a fact' => [Source::Fact, 2, 'Desk & shelf'];
        yield 'a fact that it has not' => [Source::Fact, 3, ''];
    }

    #[DataProvider('words')]
    public function test_words_of_a_product(Source $source, ?int $number, string $words): void
    {
        self::assertSame($words, self::sources(self::product(), [1 => 12, 2 => 21])->words($source, $number));
    }

    public function test_stock_below_nothing_is_nothing_and_what_is_not_counted_says_none(): void
    {
        self::assertSame('0', self::sources(self::product(-4), [1 => 11, 2 => 21])->words(Source::Stock));
        self::assertSame('0', self::sources(self::product(0), [1 => 11, 2 => 21])->words(Source::Stock));
        self::assertSame('1', self::sources(self::product(1), [1 => 11, 2 => 21])->words(Source::Stock));
        self::assertSame('', self::sources(self::product(null), [1 => 11, 2 => 21])->words(Source::Stock));
        self::assertSame('', self::sources(Pages::bare())->words(Source::Rating), 'Nobody has said anything.');
        self::assertSame('', self::sources(Pages::bare())->words(Source::ReviewCount));
    }

    public function test_words_stand_in_html_as_words(): void
    {
        self::assertSame('<p>Desk &amp; shelf</p>', self::sources(self::product())->html(Source::Fact, 2));
        self::assertSame(
            '<p>Teal Tide &lt;b&gt;ink&lt;/b&gt;</p>',
            self::sources(self::product())->html(Source::Title),
        );
        self::assertSame('', self::sources(self::product())->html(Source::Fact, 3));
        self::assertSame('<p>Flows.</p>', self::sources(self::product())->html(Source::Description));
    }

    public function test_values_stand_within_rich_text_safe_and_a_missing_one_leaves_nothing(): void
    {
        $sources = self::sources(self::product());
        $chip = static fn (string $value, string $of = ''): string =>
            "<p>a <span data-value=\"$value\"$of>…</span> z</p>";

        self::assertSame('<p>a Desk &amp; shelf z</p>', $sources->withValues($chip('product.fact', ' data-of="2"')));
        self::assertSame('<p>a  z</p>', $sources->withValues($chip('product.fact')));
        self::assertSame('<p>a Larkfold z</p>', $sources->withValues($chip(Source::ShopName->value)));
        self::assertSame('<p>a  z</p>', $sources->withValues($chip('product.weather')));
    }

    public function test_a_page_about_a_product_is_about_no_set_of_products(): void
    {
        $this->expectException(LogicException::class);
        Pages::context(Pages::ink())->assortment();
    }

    public function test_every_drawing_is_one_of_its_own(): void
    {
        $drawings = [];
        foreach (array_keys(Icons::NAMES) as $name) {
            $svg = simplexml_load_string(Icons::svg($name));
            self::assertNotFalse($svg, $name);
            self::assertSame('0 0 24 24', (string) $svg['viewBox']);
            self::assertSame('true', (string) $svg['aria-hidden']);
            self::assertGreaterThan(0, count($svg->children()), $name);
            $drawings[] = Icons::svg($name);
        }
        self::assertCount(15, array_unique($drawings));
        self::assertSame('', Icons::svg('rocket'));
    }

    /** @param  array<int, int>  $wishes */
    private static function sources(Product $product, array $wishes = []): Sources
    {
        return new Sources(Pages::context($product, $wishes, page: new Node('page', 'page')));
    }

    private static function product(?int $stock = 9): Product
    {
        $ink = Pages::ink();
        $fact = FactValue::of(new Fact(2, 'Use', FactKind::Text), ['Desk & shelf']);
        self::assertNotNull($fact);

        return new Product(
            7, 'teal-tide', $ink->title, $ink->shortDescription, $ink->description, true,
            options: $ink->options,
            variants: [
                new Variant(101, 'TT-1', [1 => 11, 2 => 21], 950, stock: $stock),
                ...array_slice($ink->variants, 1),
            ],
            collectionNames: ['Desk favourites', 'Gifts'],
            tags: ['gift', 'new'],
            facts: [$fact],
            reviewCount: 2,
            starSum: 9,
        );
    }
}
