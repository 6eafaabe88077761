<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\Shorthands;

final class ShorthandsTest extends TestCase
{
    private const SIDES = ['block-start', 'inline-end', 'block-end', 'inline-start'];

    public function test_four_values_are_said_as_shortly_as_css_can(): void
    {
        $said = static fn (string ...$values): array => Shorthands::of(
            array_combine(array_map(static fn (string $side): string => "padding-$side", self::SIDES), $values),
        );

        self::assertSame(['padding' => '1px'], $said('1px', '1px', '1px', '1px'));
        self::assertSame(['padding' => '1px 2px'], $said('1px', '2px', '1px', '2px'));
        self::assertSame(['padding' => '1px 2px 3px'], $said('1px', '2px', '3px', '2px'));
        self::assertSame(['padding' => '1px 2px 3px 4px'], $said('1px', '2px', '3px', '4px'));
    }

    public function test_what_is_not_there_is_not_said(): void
    {
        self::assertSame([], Shorthands::of([]));
        self::assertSame(
            ['color' => 'red', 'padding-block-start' => '1px'],
            Shorthands::of(['color' => 'red', 'padding-block-start' => '1px']),
        );
        self::assertSame(
            ['border-width' => '2px'],
            Shorthands::of(array_fill_keys(
                array_map(static fn (string $side): string => "border-$side-width", self::SIDES),
                '2px',
            )),
        );
    }

    public function test_lines_that_differ_are_said_each(): void
    {
        $lines = [];
        foreach (self::SIDES as $at => $side) {
            $lines += [
                "border-$side-width" => ($at + 1).'px',
                "border-$side-style" => 'solid',
                "border-$side-color" => 'red',
            ];
        }

        self::assertSame(
            [
                'border-block-start' => '1px solid red', 'border-inline-end' => '2px solid red',
                'border-block-end' => '3px solid red', 'border-inline-start' => '4px solid red',
            ],
            Shorthands::of($lines),
        );
    }
}
