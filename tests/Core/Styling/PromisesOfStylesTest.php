<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\StyleMarks;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Tests\Core\Chance;

/** What styles promise whoever looks at a page, as laws over generated styles. */
final class PromisesOfStylesTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 120; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    /** What was set for the state itself, however wide, comes before what was set for the usual one, however narrow. */
    #[DataProvider('seeds')]
    public function test_a_state_is_never_lost_on_a_narrower_screen(Chance $chance): void
    {
        $resolved = new Resolved([]);
        $set = [];
        for ($count = 0; $count < $chance->number(1, 12); $count++) {
            [$state, $width, $property] = [
                $chance->pick(PieceState::cases()),
                $chance->pick(Width::cases()),
                $chance->pick(['color', 'padding']),
            ];
            $set["$property $state->value $width->value"] = "v$count";
            $resolved->set($property, $state, $width, "v$count");
        }
        foreach (PieceState::cases() as $state) {
            foreach ([
                'desktop' => ['desktop'],
                'tablet' => ['tablet', 'desktop'],
                'phone' => ['phone', 'tablet', 'desktop'],
            ] as $width => $wider) {
                foreach (['color', 'padding'] as $property) {
                    $candidates = [
                        ...array_map(static fn (string $one): string => "$property $state->value $one", $wider),
                        ...array_map(static fn (string $one): string => "$property usual $one", $wider),
                    ];
                    $first = array_values(array_intersect($candidates, array_keys($set)))[0] ?? null;
                    self::assertSame(
                        $first === null ? null : $set[$first],
                        $resolved->at($state, Width::from($width))[$property] ?? null,
                        "seed $chance->seed: $property, $state->value, $width",
                    );
                }
            }
        }
    }

    /** Media Queries 5, prefers-reduced-motion: what moves is said only to those who did not ask for less of it. */
    #[DataProvider('seeds')]
    public function test_nothing_moves_for_those_who_asked_for_stillness(Chance $chance): void
    {
        $sheet = new StyleSheet(StyleMarks::short());
        $moves = 0;
        for ($count = 0; $count < 8; $count++) {
            $state = $chance->pick(PieceState::cases());
            $declarations = [$chance->pick(['color', 'padding']) => 'red'];
            foreach ($chance->some(['translate', 'scale', 'transition-duration'], 2) as $property) {
                $declarations[$property] = $property === 'translate'
                    ? '0 -4px'
                    : ($property === 'scale' ? '1.1' : '200ms');
                $moves += $state !== PieceState::Usual || $property === 'transition-duration' ? 1 : 0;
            }
            $sheet->rule("b$count", $chance->pick(Width::cases()), $declarations, '', $state);
        }
        [$always, $moving] = self::split($sheet->css());
        self::assertDoesNotMatchRegularExpression('/transition-duration/', $always, "seed $chance->seed");
        foreach (array_filter(
            explode('}', $always),
            static fn (string $rule): bool => preg_match('/translate|scale/', $rule) === 1,
        ) as $rule) {
            self::assertDoesNotMatchRegularExpression(
                '/:hover|:focus|:active|:disabled|aria-current/',
                $rule,
                "seed $chance->seed: it moves as something happens.",
            );
        }
        self::assertSame(
            $moves,
            preg_match_all('/translate|scale|transition-duration/', $moving) >= 1 ? $moves : 0,
            "seed $chance->seed: for all others it does move.",
        );
    }

    /** @return array{string, string} what is said to everybody, and what only to those who like motion */
    private static function split(string $css): array
    {
        $moving = '';
        $always = (string) preg_replace_callback(
            '/@media \(prefers-reduced-motion:no-preference\)[^{]*\{((?:[^{}]*\{[^{}]*\})*)\}/',
            static function (array $found) use (&$moving): string {
                $moving .= $found[1];

                return '';
            },
            $css,
        );

        return [$always, $moving];
    }
}
