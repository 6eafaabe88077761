<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\OwnOrder;
use Vestibra\Tests\Core\Chance;

/** The owner's own order of many products. */
final class OwnOrderTest extends TestCase
{
    public function test_only_so_many_are_placed_as_have_to_be(): void
    {
        $shown = range(1, 9);
        self::assertSame([7], OwnOrder::moved([], $shown, [7], OwnOrder::FIRST));
        self::assertSame([1, 2, 7], OwnOrder::moved([], $shown, [7], 2));
        self::assertSame([2, 3, 1], OwnOrder::moved([], $shown, [1], 3));
        self::assertSame([7, 8, 1], OwnOrder::moved([7, 8], [7, 8, 1, 2, 3, 4, 5, 6, 9], [1], 8));
        self::assertSame([7, 1, 8], OwnOrder::moved([7, 8], [7, 8, 1, 2, 3, 4, 5, 6, 9], [1], 7));
        self::assertSame([2, 3, 4, 5, 6, 7, 8, 9, 1], OwnOrder::moved([], $shown, [1], OwnOrder::LAST));
    }

    public function test_what_is_placed_and_not_seen_keeps_its_place(): void
    {
        self::assertSame([50, 3, 1, 51, 2], OwnOrder::moved([50, 1, 51, 2], [1, 2, 3], [3], OwnOrder::FIRST));
    }

    public function test_what_is_not_there_is_not_moved(): void
    {
        self::assertNull(OwnOrder::moved([], [1, 2], [3], OwnOrder::FIRST));
        self::assertNull(OwnOrder::moved([], [1, 2], [1], 3));
        self::assertNull(OwnOrder::moved([], [1, 2], [1], 1), 'Nothing stands after itself.');
        self::assertNull(OwnOrder::moved([], [1, 2], [], OwnOrder::FIRST));
    }

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_customers_see_exactly_what_was_moved_moved_and_nothing_else(Chance $chance): void
    {
        $all = range(1, $chance->number(3, 14));
        $hidden = array_values(array_filter($all, static fn (int $one): bool => $one > 2 && $chance->oneIn(4)));
        $placed = [];
        for ($move = 1; $move <= 8; $move++) {
            $shown = self::shown($placed, $all, $hidden);
            $moved = array_values(
                array_unique(array_map(static fn (): int => $chance->pick($shown), range(1, $chance->number(1, 2)))),
            );
            $rest = array_values(array_diff($shown, $moved));
            $after = $rest === [] || $chance->oneIn(5)
                ? $chance->pick([OwnOrder::FIRST, OwnOrder::LAST])
                : $chance->pick($rest);
            $at = match ($after) {
                OwnOrder::FIRST => 0,
                OwnOrder::LAST => count($rest),
                default => (int) array_search($after, $rest, true) + 1,
            };
            $expected = [...array_slice($rest, 0, $at), ...$moved, ...array_slice($rest, $at)];
            $unseen = array_values(array_intersect($placed, $hidden));
            $placed = OwnOrder::moved($placed, $shown, $moved, $after) ?? self::fail('It was not moved.');

            self::assertSame($expected, self::shown($placed, $all, $hidden));
            self::assertSame(
                $unseen,
                array_values(array_intersect($placed, $hidden)),
                'What is not seen keeps its order.',
            );
            self::assertSame(count($placed), count(array_unique($placed)));
        }
    }

    /**
     * @param  list<int>  $placed
     * @param  list<int>  $all
     * @param  list<int>  $hidden
     * @return list<int>
     */
    private static function shown(array $placed, array $all, array $hidden): array
    {
        return array_values(array_diff([...$placed, ...array_diff($all, $placed)], $hidden));
    }
}
