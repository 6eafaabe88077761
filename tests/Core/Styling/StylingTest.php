<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Toggle;

final class StylingTest extends TestCase
{
    public function test_wider_widths_come_before_narrower_ones_whatever_the_order_they_were_set_in(): void
    {
        $sheet = new StyleSheet(StyleMarks::lasting());
        $sheet->declare('b', Width::Phone, 'font-size', '20px');
        $sheet->declare('b', Width::Desktop, 'font-size', '30px');
        $sheet->declare('b', Width::Tablet, 'font-size', '25px');
        $sheet->declare('b', Width::Desktop, 'color', 'red');

        self::assertSame(
            '[data-s-b][data-b]{font-size:30px;color:red}'
            .'@media (max-width:899px){[data-s-b][data-b]{font-size:25px}}'
            .'@media (max-width:639px){[data-s-b][data-b]{font-size:20px}}',
            $sheet->css(),
        );
    }

    public function test_what_stands_on_a_page_several_times_begins_once(): void
    {
        $sheet = new StyleSheet(StyleMarks::lasting());

        self::assertSame(
            [true, false, true, false, false],
            array_map($sheet->begins(...), ['a', 'a', 'b', 'a', 'b']),
        );
    }

    public function test_hidden_widths_do_not_reach_into_one_another(): void
    {
        $sheet = new StyleSheet(StyleMarks::lasting());
        $sheet->hide('a', Width::Tablet);
        $sheet->hide('b', Width::Tablet);
        $sheet->hide('c', Width::Desktop);

        self::assertSame(
            '@media (min-width:900px){[data-s-c][data-b]{display:none}}'
            .'@media (min-width:640px) and (max-width:899px){[data-s-a][data-b],[data-s-b][data-b]{display:none}}',
            $sheet->css(),
        );
    }

    public function test_nothing_set_is_no_css(): void
    {
        self::assertSame('', (new StyleSheet(StyleMarks::lasting()))->css());
    }

    /** @return iterable<string, array{StyleValue, mixed, string}> */
    public static function values(): iterable
    {
        yield 'a role' => [new Colour, 'sale', 'var(--colour-sale)'];
        yield 'a colour of its own' => [new Colour, '#a1b2c3', '#a1b2c3'];
        yield 'an amount' => [new Amount(0, 100), 24, '24px'];
        yield 'an amount without a unit' => [new Amount(0, 100, ''), 3, '3'];
        yield 'a step' => [new StepOfScale, 4, 'var(--step-4)'];
        yield 'a distance in pixels' => [new StepOfScale, '24px', '24px'];
        yield 'a choice as it is' => [new Choice(['row' => 'side by side']), 'row', 'row'];
        yield 'a choice that stands for more' => [new Choice(['wide' => 'wide'], ['wide' => '4 / 3']), 'wide', '4 / 3'];
        yield 'yes' => [new Toggle('sticky', 'static'), true, 'sticky'];
        yield 'no' => [new Toggle('sticky', 'static'), false, 'static'];
    }

    #[DataProvider('values')]
    public function test_the_css_of_a_value(StyleValue $type, mixed $value, string $css): void
    {
        self::assertSame($css, $type->css($value));
    }

    public function test_the_house_style_prints_every_token_and_step(): void
    {
        $css = HouseStyle::standard()->css();

        self::assertStringStartsWith(':root{--colour-ink:#1f2a30;', $css);
        self::assertStringContainsString(';--step-0:0px;--step-1:4px;', $css);
        self::assertStringContainsString(';--size-0:12.8px;--size-1:16px;--size-2:20px;', $css);
        self::assertStringNotContainsString('--main-', $css, 'What is as usual stands in the style sheets.');
        foreach (HouseStyle::roles() as $role) {
            self::assertStringContainsString("--colour-$role:#", $css);
        }
    }

    public function test_sizes_follow_the_scale_unless_they_are_set_by_hand(): void
    {
        $house = HouseStyle::fromStored([
            'text-size' => '20', 'scale-ratio' => '1.5', 'size-3' => '40', 'size-5' => '7',
        ]);

        self::assertSame(
            ['13.3', '20', '30', '40', '67.5', '101.3'],
            array_map(static fn (int $place): ?string => $house->token("size-$place"), range(0, 5)),
        );
        self::assertStringContainsString(';--size-2:30px;--size-3:40px;--size-4:67.5px;', $house->css());
        self::assertSame('40px', $house->shown()['size-3']);
        self::assertSame(
            ['text-size', 'scale-ratio', 'size-3'],
            array_keys($house->own()),
            'Seven pixels cannot be read.',
        );
    }

    public function test_only_plain_values_of_known_tokens_are_taken_from_store(): void
    {
        $house = HouseStyle::fromStored([
            'colour-ink' => '#000000',
            'colour-sale' => 'red;}body{display:none}',
            'price-size' => '30px',
            'corner' => "4px\n;x",
            'heading-size' => "30px\n",
            'unknown' => '#ffffff',
            'text-size' => 12,
        ]);

        self::assertSame('#000000', $house->token('colour-ink'));
        self::assertSame('30', $house->token('price-size'));
        self::assertSame('#a3262a', $house->token('colour-sale'));
        self::assertSame('8', $house->token('corner'));
        self::assertSame('16', $house->token('text-size'));
        self::assertSame('24', $house->token('heading-size'));
        self::assertNull($house->token('unknown'));
    }
}
