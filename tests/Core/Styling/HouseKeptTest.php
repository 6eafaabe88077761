<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\Fonts;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Styling\Width;

/** What stored house styles and trees lean on: steps, roles of colours, names of tokens, where widths begin. */
final class HouseKeptTest extends TestCase
{
    public function test_the_steps_that_trees_name_stay_what_they_are(): void
    {
        self::assertSame([0, 4, 8, 12, 20, 32, 48, 72, 112], HouseStyle::STEPS);
        self::assertSame(8, HouseStyle::SIZES);
    }

    public function test_every_token_is_called_by_a_name_that_can_be_stored_and_said_in_words(): void
    {
        foreach (HouseTokens::all() as $name => $token) {
            self::assertSame($name, $token->name);
            self::assertMatchesRegularExpression('/^[a-z][a-z0-9-]*$/D', $token->name);
            self::assertNotSame('', $token->label, $name);
            self::assertNotSame($token->name === $token->label ? null : $token->label, $token->name);
        }
        self::assertSame(
            ['12', '96'],
            [(string) HouseTokens::all()['price-size']->least, (string) HouseTokens::all()['price-size']->most],
        );
        self::assertSame(['price', '26'], [
            HouseTokens::all()['price-size']->label, HouseTokens::all()['price-size']->usual,
        ]);
    }

    public function test_all_that_is_decided_is_shown_behind_a_setting(): void
    {
        $shown = HouseStyle::standard()->shown();

        self::assertSame(array_keys(HouseTokens::all()), array_keys($shown));
        self::assertSame('26px', $shown['price-size']);
    }

    public function test_letters_stand_behind_what_takes_the_same_room(): void
    {
        self::assertSame("'Newsreader','Newsreader room',serif", Fonts::stack('newsreader'));
        self::assertSame(
            "'Instrument Sans','Instrument Sans room',system-ui,sans-serif",
            Fonts::stack('instrument-sans'),
        );
        self::assertSame(Fonts::stack('instrument-sans'), Fonts::stack('gone'));
        self::assertSame("'own-7',system-ui,sans-serif", Fonts::stack('own-7'));
        self::assertFalse(Fonts::isOwn('own-0'));
        self::assertFalse(Fonts::isOwn('own-7x'));
    }

    public function test_widths_meet_without_a_gap(): void
    {
        self::assertSame([900, 640, 0], array_map(static fn (Width $one): int => $one->begins(), Width::cases()));
        self::assertSame(
            [null, '(max-width:899px)', '(max-width:639px)'],
            array_map(static fn (Width $one): ?string => $one->media(), Width::cases()),
        );
        self::assertSame(
            ['(min-width:900px)', '(min-width:640px) and (max-width:899px)', '(max-width:639px)'],
            array_map(static fn (Width $one): string => $one->onlyMedia(), Width::cases()),
        );
    }

    /** Stored styles and files of tokens name them; a value outside its limits was refused when it was stored. */
    public function test_every_token_keeps_its_name_its_limits_and_what_is_usual(): void
    {
        $lines = [];
        foreach (HouseTokens::all() as $name => $one) {
            self::assertSame($name, $one->name);
            $lines[] = rtrim(implode(' | ', [
                $name, $one->label, $one->use, $one->group, $one->kind->value, $one->usual, $one->least ?? '',
                $one->most ?? '', $one->always ? 'always' : '', $one->follows, $one->scaled ?? '',
            ]));
            self::assertTrue($one->usual === '' || $one->takes($one->usual), $name);
        }

        self::assertSame(rtrim((string) file_get_contents(__DIR__.'/house-tokens.txt')), implode("\n", $lines));
    }

    public function test_a_token_is_described_whole(): void
    {
        $one = HouseTokens::all()['title-size'];

        self::assertSame([
            'name' => 'title-size', 'label' => $one->label, 'use' => $one->use, 'group' => 'letters',
            'kind' => 'pixels', 'usual' => '34', 'follows' => '', 'least' => 12.0, 'most' => 96.0,
        ], $one->describe());
    }
}
