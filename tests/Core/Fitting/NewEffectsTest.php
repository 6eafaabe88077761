<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Fitting;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Fitting\NewEffects;
use Vestibra\Core\Templates\Node;

/** What may look otherwise after an upgrade is named, and nothing else. */
final class NewEffectsTest extends TestCase
{
    /** @return iterable<string, array{Node, list<string>}> */
    public static function nodes(): iterable
    {
        $list = static fn (array $what, array $how = []): Node => new Node('x', 'product-grid', $what, $how);
        $band = static fn (array $what, array $how): Node => new Node('x', 'band', $what, ['desktop' => $how]);
        $note = static fn (array $how): Node => new Node('x', 'note', how: $how);

        yield 'a list that slides, with distances' => [
            $list(['layout' => 'row'], ['phone' => ['gap' => 1], 'desktop' => ['perRow' => 5]]),
            ['In a row', 'Between cards'],
        ];
        yield 'a list side by side, with the same' => [$list([], ['desktop' => ['gap' => 1, 'perRow' => 5]]), []];
        yield 'words that were emptied' => [$list(['empty' => ' ']), ['When there are none']];
        yield 'words of one’s own' => [$list(['empty' => 'Soon.']), []];
        yield 'a band with a picture and corners' => [$band(['picture' => 1], ['cornerAboveLeft' => 8]), ['Corners']];
        yield 'one with a film' => [$band(['film' => 1], ['corner' => 'house']), ['Corners']];
        yield 'square corners' => [$band(['picture' => 1], ['corner' => 0]), []];
        yield 'a band without a picture' => [$band([], ['corner' => 8]), []];
        yield 'at most so wide, in the middle' => [
            $note(['desktop' => ['place' => 'center'], 'phone' => ['mostWidth' => 300]]), ['At most wide'],
        ];
        yield 'without a limit' => [$note(['desktop' => ['place' => 'center', 'mostWidth' => 'none']]), []];
        yield 'with a width of its own' => [
            $note(['desktop' => ['place' => 'center', 'mostWidth' => 300, 'width' => '50%']]), [],
        ];
        yield 'where it fills its place' => [$note(['desktop' => ['mostWidth' => 300]]), []];
    }

    /** @param  list<string>  $settings */
    #[DataProvider('nodes')]
    public function test_what_does_something_now_is_named(Node $node, array $settings): void
    {
        $found = NewEffects::in(new Node('page', 'page', children: [$node]));

        self::assertSame($settings, array_column($found, 'setting'));
        self::assertSame([], array_diff(array_column($found, 'id'), ['x']));
    }
}
