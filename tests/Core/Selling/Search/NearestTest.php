<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Search\Nearest;
use Vestibra\Core\Selling\Search\Slips;
use Vestibra\Tests\Core\Chance;

/**
 * A slip of the fingers is forgiven in every writing of the world; the quick way to find the nearest words leaves none
 * of them out.
 */
final class NearestTest extends TestCase
{
    /** Letters of one to four bytes, far apart in Unicode. */
    private const WRITINGS = [
        'latin' => ['a', 'e', 'k', 'n', 'o', 's', 't', 'z'],
        'cyrillic' => ['б', 'ж', 'ѣ', 'ю', 'ӯ', 'а'],
        'kana' => ['あ', 'ん', 'ヴ', 'ㇿ'],
        'mixed' => ['a', 'ß', 'ж', 'あ', 'ᚠ', 'ꙮ', '𐐨', '𞤢', '𠀀', 'z'],
    ];

    /** @return iterable<string, array{string, Chance}> */
    public static function draws(): iterable
    {
        foreach (array_keys(self::WRITINGS) as $writing) {
            for ($seed = 1; $seed <= 25; $seed++) {
                yield "$writing, seed $seed" => [$writing, new Chance($seed)];
            }
        }
    }

    #[DataProvider('draws')]
    public function test_two_letters_that_changed_places_are_forgiven(string $writing, Chance $chance): void
    {
        $word = self::word($writing, $chance, 4, 12);
        $letters = mb_str_split($word);
        $at = $chance->number(0, count($letters) - 2);
        [$letters[$at], $letters[$at + 1]] = [$letters[$at + 1], $letters[$at]];
        $typed = implode('', $letters);
        self::assertContains($word, [$typed, ...Nearest::to($typed, [$word => 1])], "$typed for $word");
    }

    /** Compared with every word of the shop, one after another. */
    #[DataProvider('draws')]
    public function test_the_nearest_are_those_with_the_fewest_slips_of_all(string $writing, Chance $chance): void
    {
        $word = self::word($writing, $chance, 4, 10);
        $vocabulary = [];
        for ($count = 0; $count < 60; $count++) {
            $near = $chance->oneIn(2) ? self::word($writing, $chance, 3, 10) : self::slipped($word, $writing, $chance);
            $vocabulary[$near] =
                $chance->number(1, 9);
        }
        $slips = [];
        foreach (array_keys($vocabulary) as $one) {
            $between = (string) $one === $word ? null : Slips::between($word, (string) $one, Slips::allowed($word));
            $between === null || $slips[(string) $one] = $between;
        }
        $fewest = $slips === [] ? [] : array_keys($slips, min($slips), true);
        $found = Nearest::to($word, $vocabulary);
        self::assertSame([], array_diff($found, array_map(strval(...), $fewest)));
        self::assertCount(min(4, count($fewest)), $found, "$word among ".implode(' ', array_keys($vocabulary)));
    }

    private static function word(string $writing, Chance $chance, int $least, int $most): string
    {
        return implode(
            '',
            array_map(
                static fn (): string => $chance->pick(self::WRITINGS[$writing]),
                range(1, $chance->number($least, $most)),
            ),
        );
    }

    private static function slipped(string $word, string $writing, Chance $chance): string
    {
        $letters = mb_str_split($word);
        for ($slip = 0; $slip < $chance->number(1, 2); $slip++) {
            $at = $chance->number(0, count($letters) - 2);
            match ($chance->number(1, 4)) {
                1 => [$letters[$at], $letters[$at + 1]] = [$letters[$at + 1], $letters[$at]],
                2 => array_splice($letters, $at, 1),
                3 => array_splice($letters, $at, 0, [$chance->pick(self::WRITINGS[$writing])]),
                default => $letters[$at] = $chance->pick(self::WRITINGS[$writing]),
            };
        }

        return implode('', $letters);
    }
}
