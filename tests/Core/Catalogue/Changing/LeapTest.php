<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Leap;
use Vestibra\Core\Catalogue\Changing\Thing;

/** Prices that become ten times as much, or a tenth, are said before they are saved: mostly a point was forgotten. */
final class LeapTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, mixed, bool}> */
    public static function changes(): iterable
    {
        yield 'ten times' => ['price', 100, 1000, true];
        yield 'a little less than ten times' => ['price', 100, 999, false];
        yield 'a tenth' => ['price', 1000, 100, true];
        yield 'a little more than a tenth' => ['price', 1000, 101, false];
        yield 'from nothing' => ['price', 0, 1000, false];
        yield 'to nothing' => ['price', 1000, 0, false];
        yield 'below nothing' => ['price', -1, 1000, false];
        yield 'a sale price' => ['salePrice', 100, 5000, true];
        yield 'a sale price that was none' => ['salePrice', null, 5000, false];
        yield 'what is no money' => ['stock', 1, 1000, false];
    }

    #[DataProvider('changes')]
    public function test_what_is_a_leap(string $field, mixed $before, mixed $after, bool $leaps): void
    {
        $change = new Change(Thing::Variant, 7, [$field => $before, 'position' => 1], [
            $field => $after,
            'position' => 90,
        ]);
        $found = Leap::in($change);

        self::assertCount($leaps ? 1 : 0, $found);
        self::assertSame($leaps ? [[$field, $before, $after, 7]] : [], array_map(
            static fn (Leap $one): array => [$one->field->name, $one->before, $one->after, $one->change->id],
            $found,
        ));
    }

    public function test_of_several_changes_each_is_said(): void
    {
        $change = static fn (int $id): Change => new Change(Thing::Variant, $id, ['price' => 5], ['price' => 500]);

        self::assertSame([3, 4], array_map(
            static fn (Leap $one): int => $one->change->id,
            Leap::in($change(3), $change(4)),
        ));
        self::assertSame([], Leap::in(new Change(Thing::Variant, 3, null, ['price' => 500])));
        self::assertSame([], Leap::in(new Change(Thing::Variant, 3, ['price' => 500], null)));
    }
}
