<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Styling\ShippedStyles;
use Vestibra\Core\Styling\TokenKind;

/** House styles that ship are good ones. */
final class ShippedStylesTest extends TestCase
{
    /** What is read on what, and how well it has to be (WCAG 2.2, 1.4.3 and 1.4.11). */
    private const PAIRS = [
        ['ink', 'ground', 7], ['ink', 'surface', 4.5], ['quiet', 'ground', 4.5], ['quiet', 'surface', 4.5],
        ['on-accent', 'accent', 4.5], ['accent', 'ground', 4.5],
        ['sale', 'ground', 4.5], ['sale', 'surface', 4.5], ['star', 'ground', 3], ['focus', 'ground', 3],
        ['focus', 'surface', 3],
    ];

    /** @return iterable<string, array{array<string, string>}> */
    public static function styles(): iterable
    {
        foreach (ShippedStyles::ALL as $name => [, $tokens]) {
            yield $name => [$tokens];
        }
    }

    /** @param  array<string, string>  $tokens */
    #[DataProvider('styles')]
    public function test_what_it_says_is_taken_whole_and_can_be_read(array $tokens): void
    {
        $style = HouseStyle::fromStored($tokens);
        self::assertSame(
            [],
            array_diff_assoc($tokens, $style->own()),
            'Every token is one that a house style takes, and differs from the usual.',
        );
        foreach (self::PAIRS as [$of, $on, $wants]) {
            self::assertGreaterThanOrEqual(
                $wants,
                self::contrast((string) $style->token("colour-$of"), (string) $style->token("colour-$on")),
                "$of on $on",
            );
        }
        self::assertSame('#', $style->token('colour-ink')[0] ?? '');
    }

    public function test_there_are_three_that_differ_at_first_sight(): void
    {
        self::assertCount(3, ShippedStyles::ALL);
        $seen = static fn (string $token): array => array_map(
            static fn (array $style): ?string => HouseStyle::fromStored($style[1])->token($token),
            ShippedStyles::ALL,
        );
        foreach (['colour-ground', 'colour-accent', 'font-names', 'font-words', 'corner'] as $token) {
            self::assertCount(3, array_unique($seen($token)), $token);
        }
    }

    public function test_at_least_twelve_families_ship(): void
    {
        self::assertGreaterThanOrEqual(12, count(Families::ALL));
        foreach (Families::ALL as [$name, $kind, , , $scripts]) {
            self::assertArrayHasKey('latin', $scripts, $name);
            self::assertContains($kind, ['serif', 'sans']);
        }
    }

    public function test_every_decision_takes_what_is_usual_and_refuses_what_is_css(): void
    {
        foreach (HouseTokens::all() as $token) {
            self::assertTrue($token->takes((string) HouseStyle::standard()->token($token->name)), $token->name);
            self::assertArrayHasKey($token->group, HouseTokens::GROUPS);
            foreach ([
                '', 'red', '#abc', '#12345', '#12345g', 'url(x)', '1e999', 'NaN', '1000000000', "8\n", '8;}',
                'var(--x)',
            ] as $bad) {
                self::assertFalse($token->takes($bad), "$token->name takes $bad");
            }
            if ($token->follows !== '') {
                self::assertSame($token->kind, HouseTokens::all()[$token->follows]->kind);
            }
        }
        self::assertSame('none', TokenKind::Shadow->css('none'));
        self::assertSame('color-mix(in srgb,var(--colour-ink) 40%,transparent)', TokenKind::Role->css('ink/40'));
    }

    public function test_what_follows_another_decision_does_so_until_it_has_its_own(): void
    {
        self::assertSame('20', HouseStyle::fromStored(['corner' => '20'])->token('main-corner'));
        self::assertSame('8', HouseStyle::fromStored(['corner' => '20', 'main-corner' => '8'])->token('main-corner'));
        self::assertStringContainsString(
            '--main-corner:8px',
            HouseStyle::fromStored(['corner' => '20', 'main-corner' => '8'])->css(),
        );
    }

    private static function contrast(string $one, string $other): float
    {
        $luminance = static function (string $hex): float {
            $linear = array_map(
                static fn (string $pair): float => hexdec($pair) / 255 <= 0.04045
                    ? hexdec($pair) / 255 / 12.92
                    : ((hexdec($pair) / 255 + 0.055) / 1.055) ** 2.4,
                str_split(substr($hex, 1), 2),
            );

            return 0.2126 * $linear[0] + 0.7152 * $linear[1] + 0.0722 * $linear[2];
        };
        [$dark, $light] = [min($luminance($one), $luminance($other)), max($luminance($one), $luminance($other))];

        return ($light + 0.05) / ($dark + 0.05);
    }
}
