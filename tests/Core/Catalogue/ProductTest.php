<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopZone;

/** What a product says of itself, with marks and without. */
final class ProductTest extends TestCase
{
    public function test_the_short_description_is_plain_words_where_no_marks_can_stand(): void
    {
        $product =
            new Product(7, 'ink', 'Ink', '<p>Blue &amp; <strong>green</strong>.</p><p>For letters.</p>', '', true);
        self::assertSame("Blue & green.\nFor letters.", $product->shortWords());
        self::assertSame('Blue & green. For letters.', $product->searchDescription());
        self::assertSame('', (new Product(7, 'ink', 'Ink', '', '', true))->searchDescription());
    }

    public function test_marks_without_words_are_nothing_but_a_rule_across_the_page_is_something(): void
    {
        $field = ThingFields::field(Thing::Product, 'shortDescription');
        self::assertNotNull($field);
        $read = static fn (string $written): mixed => (
            new FieldReader(ShopZone::of('UTC'), 2, 'GBP', static fn (string $html): string => $html)
        )->read($field, $written);
        self::assertSame(
            ['', '', '<hr />', '<p>A</p>'],
            array_map($read, ['<p></p>', "<p> \u{a0} </p><br />", '<hr />', '<p>A</p>']),
        );
    }
}
