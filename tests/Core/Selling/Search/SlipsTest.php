<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Search\Slips;

final class SlipsTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> */
    public static function words(): iterable
    {
        yield 'none' => ['bottle', 'bottle', 0];
        yield 'one too many' => ['bottle', 'bottlle', 1];
        yield 'one too few' => ['bottle', 'botle', 1];
        yield 'another letter' => ['bottle', 'bittle', 1];
        yield 'two swapped' => ['bottle', 'botlte', 1];
        yield 'swapped at the front' => ['bottle', 'obttle', 1];
        yield 'two slips' => ['bottle', 'bitlte', 2];
        yield 'letters beyond ASCII' => ['füller', 'fuller', 1];
        yield 'nothing' => ['', '', 0];
        yield 'all of it' => ['', 'pen', 3];
        yield 'Levenshtein’s usual example' => ['kitten', 'sitting', 3];
        // The unrestricted distance is 2; a swap whose letters are moved apart again is three slips here (Boytsov
        // 2011).
        yield 'no part is changed twice' => ['ca', 'abc', 3];
    }

    #[DataProvider('words')]
    public function test_slips_are_counted_both_ways(string $one, string $other, int $slips): void
    {
        self::assertSame($slips, Slips::between($one, $other, 9));
        self::assertSame($slips, Slips::between($other, $one, 9));
        self::assertSame($slips, Slips::between($one, $other, $slips));
        self::assertNull($slips === 0 ? null : Slips::between($one, $other, $slips - 1));
    }

    public function test_longer_words_may_have_more(): void
    {
        self::assertSame(
            [0, 0, 1, 1, 2, 2],
            array_map(Slips::allowed(...), ['', 'ink', 'inks', 'fountai', 'fountain', 'füllfederhalter']),
        );
    }

    /**
     * Without swaps it is the distance that PHP knows (Levenshtein 1966); with them never more, and no more than there
     * were made.
     */
    public function test_whatever_is_mistyped_is_found_again(): void
    {
        mt_srand($seed = random_int(1, 1_000_000));
        for ($round = 0; $round < 2000; $round++) {
            $word = implode('', array_map(static fn (): string => chr(mt_rand(97, 102)), range(1, mt_rand(1, 9))));
            $other = $word;
            $made = mt_rand(0, 3);
            for ($slip = 0; $slip < $made; $slip++) {
                $other = self::mistyped($other);
            }
            $slips = Slips::between($word, $other, 20);
            self::assertNotNull($slips, "seed $seed: $word $other");
            self::assertLessThanOrEqual(levenshtein($word, $other), $slips, "seed $seed: $word $other");
            self::assertGreaterThanOrEqual(
                (int) ceil(levenshtein($word, $other) / 2),
                $slips,
                "seed $seed: $word $other",
            );
            self::assertTrue($made !== 1 || $slips <= 1, "seed $seed: $word $other");
            self::assertSame($slips, Slips::between($other, $word, 20), "seed $seed: $word $other");
            self::assertSame($slips <= 2 ? $slips : null, Slips::between($word, $other, 2), "seed $seed: $word $other");
        }
    }

    private static function mistyped(string $word): string
    {
        $at = mt_rand(0, max(0, strlen($word) - 2));
        $letter = chr(mt_rand(97, 102));

        return match (mt_rand(0, 3)) {
            0 => substr($word, 0, $at).$letter.substr($word, $at),
            1 => substr($word, 0, $at).substr($word, $at + 1),
            2 => substr($word, 0, $at).$letter.substr($word, $at + 1),
            default => strlen($word) < 2
                ? $word
                : substr($word, 0, $at).$word[$at + 1].$word[$at].substr($word, $at + 2),
        };
    }
}
