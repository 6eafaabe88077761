<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\SettingType;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\AroundChoice;
use Vestibra\Core\Templates\Types\CardChoice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\Conditions;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\RichText;

/** What settings name: pictures, cards, facts and the like, by number, so that nothing named is ever lost. */
final class NamingTest extends TestCase
{
    /** @return iterable<string, array{NamesThings, mixed, list<array{string, int}>}> */
    public static function named(): iterable
    {
        $around = new AroundChoice(PageKind::Header);
        yield 'a header' => [$around, 7, [['header', 7]]];
        yield 'no header' => [$around, false, [['header', AroundChoice::NONE]]];
        yield 'the header that rules choose' => [$around, true, []];
        yield 'a card' => [new CardChoice, 4, [['card', 4]]];
        yield 'the usual card' => [new CardChoice, null, [['card', CardChoice::FALLBACK]]];
        yield 'a picture' => [new PictureChoice, 3, [['picture', 3]]];
        yield 'no picture' => [new PictureChoice, null, []];
        yield 'several' => [new Numbers('product', 4), [5, 'x', 2], [['product', 5], ['product', 2]]];
        yield 'several, none' => [new Numbers('product', 4), 'x', []];
        yield 'values among words' => [
            new RichText,
            '<p>Of <span data-value="product.fact" data-of="12">x</span> and <span class="a" data-value='
                .'"product.option" data-of="3">y</span>, not <span data-value="product.title">z</span></p>',
            [['fact', 12], ['option', 3]],
        ];
    }

    /** @param  list<array{string, int}>  $named */
    #[DataProvider('named')]
    public function test_what_a_value_names(NamesThings $type, mixed $value, array $named): void
    {
        self::assertSame($named, $type->names($value));
    }

    /** @return iterable<string, array{SettingType, list<mixed>, list<mixed>}> */
    public static function taken(): iterable
    {
        yield 'around' => [new AroundChoice(PageKind::Footer), [true, false, 1], [0, -1, null, '1']];
        yield 'card' => [new CardChoice, [null, 1], [0, -1, '1', false]];
        yield 'picture' => [new PictureChoice, [null, 1], [0, -1, '1', false]];
        yield 'numbers' => [new Numbers('product', 2), [[], [1], [2, 1]], [[0], [1, 1], [1, 2, 3], ['1'], 1]];
        yield 'colour' => [
            new Colour,
            ['none', 'sale', 'sale/50', 'sale/0', 'sale/99', '#a1b2c3', '#a1b2c3d4'],
            ['', 'sale/100', 'sale/05', 'nosuch', 'nosuch/50', '#A1B2C3', '#abc', '#a1b2c3d', 'none/50', 5, null],
        ];
    }

    /**
     * @param  list<mixed>  $takes
     * @param  list<mixed>  $refuses
     */
    #[DataProvider('taken')]
    public function test_what_it_takes(SettingType $type, array $takes, array $refuses): void
    {
        foreach ($takes as $value) {
            self::assertNull($type->problem($value), (string) json_encode($value));
        }
        foreach ($refuses as $value) {
            self::assertNotNull($type->problem($value), (string) json_encode($value));
        }
    }

    public function test_what_the_settings_and_the_styles_of_a_tree_name_is_found(): void
    {
        $node = new Node('b', 'picture', how: ['desktop' => ['groundPicture' => 9, 'size' => 30], 'phone' => [
            'groundPicture' => 8,
        ]]);
        self::assertSame([['picture', 9], ['picture', 8]], Named::ofStyles($node));
        self::assertSame([], Named::ofStyles(new Node('b', 'picture', how: ['desktop' => ['size' => 30]])));
    }

    public function test_what_a_block_on_a_products_page_may_look_at(): void
    {
        self::assertSame([
            'sale', 'stock', 'rating', 'reviews', 'fact', 'option', 'category', 'tag', 'brand', 'collection', 'price',
            'picture', 'variants', 'description', 'product',
        ], Conditions::fields(PageKind::Product));
    }

    public function test_two_pieces_of_one_name_do_not_load(): void
    {
        $this->expectException(LogicException::class);
        new Definition('double', 'Double', null, pieces: [
            Piece::letters('now', 'Now', '.now'), Piece::box('now', 'Now', '.now'),
        ]);
    }

    public function test_every_block_has_the_settings_that_all_have(): void
    {
        $schema = Trees::schema();
        foreach ($schema->all() as $definition) {
            foreach ($definition->role === Role::Page ? [] : [
                'called' => [Question::What, ''], 'off' => [Question::When, false],
                'widths' => [Question::When, ['desktop', 'tablet', 'phone']], 'where' => [Question::When, []],
                'days' => [Question::When, []],
            ] as $name => [$question, $default]) {
                self::assertSame($default, $definition->setting($question, $name)?->default, "$definition->kind $name");
            }
        }
    }
}
