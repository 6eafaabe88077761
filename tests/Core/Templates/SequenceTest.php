<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Copying;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Sequence;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\Types\Order;

/** In which order the blocks of a band stand where it is one sequence. */
final class SequenceTest extends TestCase
{
    public function test_without_an_order_blocks_stand_column_after_column(): void
    {
        $sequence = self::of(self::band([]));

        self::assertFalse($sequence->set);
        self::assertSame(['gallery', 'tabs', 'title', 'price'], $sequence->seen);
        self::assertSame([], $sequence->elsewhere());
    }

    public function test_blocks_go_across_columns(): void
    {
        $sequence = self::of(self::ordered('gallery', 'title', 'price', 'tabs'));

        self::assertTrue($sequence->set);
        self::assertSame(['gallery', 'title', 'price', 'tabs'], $sequence->seen);
        self::assertSame(['gallery', 'tabs', 'title', 'price'], $sequence->drawn);
        self::assertSame(['tabs'], $sequence->elsewhere());
    }

    /** @return iterable<string, array{list<string>, list<string>}> */
    public static function partly(): iterable
    {
        yield 'nothing: as they are drawn' => [[], ['gallery', 'tabs', 'title', 'price']];
        yield 'what nobody placed follows what it follows on the page' =>
            [['price', 'gallery'], ['price', 'gallery', 'tabs', 'title']];
        yield 'and stands first where it is the first' => [['title'], ['gallery', 'tabs', 'title', 'price']];
        yield 'what is gone counts for nothing' =>
            [['gone', 'title', 'gallery', 'tabs', 'price'], ['title', 'gallery', 'tabs', 'price']];
        yield 'a column stands for its blocks' => [['right'], ['gallery', 'tabs', 'title', 'price']];
        yield 'unless they stand elsewhere' =>
            [['price', 'right', 'gallery', 'tabs'], ['price', 'title', 'gallery', 'tabs']];
    }

    /**
     * @param  list<string>  $wanted
     * @param  list<string>  $seen
     */
    #[DataProvider('partly')]
    public function test_an_order_that_says_part_of_it(array $wanted, array $seen): void
    {
        self::assertSame($seen, self::of(self::ordered(...$wanted))->seen);
    }

    public function test_the_phone_takes_over_what_the_tablet_says_until_it_says_another(): void
    {
        $tablet = ['tablet' => ['sequence' => ['title', 'gallery', 'tabs', 'price']]];

        self::assertSame('title', self::of(self::band($tablet))->seen[0]);
        self::assertFalse(self::of(self::band($tablet), Width::Desktop)->set);
        $both = self::band($tablet + ['phone' => ['sequence' => []]]);
        self::assertSame('gallery', self::of($both)->seen[0]);
        self::assertTrue(self::of($both)->set);
        self::assertSame('title', self::of($both, Width::Tablet)->seen[0]);
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, Width, bool}> */
    public static function looks(): iterable
    {
        yield 'nothing' => [[], Width::Phone, false];
        yield 'a ground' => [['desktop' => ['ground' => 'surface']], Width::Phone, true];
        yield 'a ground when the pointer is on it' =>
            [['desktop' => ['ground:hovered' => 'surface']], Width::Phone, true];
        yield 'room inside on the phone alone' => [['phone' => ['paddingLeft' => 20]], Width::Phone, true];
        yield 'which the tablet has not' => [['phone' => ['paddingLeft' => 20]], Width::Tablet, false];
        yield 'letters' => [['desktop' => ['size' => 20, 'colour' => 'ink']], Width::Phone, false];
        yield 'its share and distances' =>
            [['desktop' => ['share' => 2, 'gap' => 3, 'width' => 40]], Width::Phone, false];
        yield 'it stays in view' => [['desktop' => ['staysInView' => true]], Width::Tablet, true];
        yield 'which no column does on a phone' => [['desktop' => ['staysInView' => true]], Width::Phone, false];
        yield 'and not where it does not any more' => [
            ['desktop' => ['staysInView' => true], 'tablet' => ['staysInView' => false]],
            Width::Tablet,
            false,
        ];
    }

    /** @param  array<string, array<string, mixed>>  $how */
    #[DataProvider('looks')]
    public function test_a_column_with_a_look_of_its_own_moves_as_a_whole(array $how, Width $width, bool $whole): void
    {
        $wanted = ['phone' => ['sequence' => ['title', 'tabs', 'price', 'gallery']]];
        $sequence = self::of(self::band($wanted + ['tablet' => $wanted['phone']], $how), $width);

        self::assertSame($whole ? ['left'] : [], array_keys($sequence->whole));
        // A block of it stands for the whole of it, where the first of them was put.
        self::assertSame(
            $whole ? ['title', 'left', 'price'] : ['title', 'tabs', 'price', 'gallery'],
            $sequence->seen,
        );
    }

    public function test_columns_in_another_order_are_seen_in_that(): void
    {
        $last = self::band(['phone' => ['stack' => 'column-reverse']]);
        $first = self::band([], ['phone' => ['order' => 2]]);

        foreach ([$last, $first] as $band) {
            self::assertSame(['title', 'price', 'gallery', 'tabs'], self::of($band)->seen);
            self::assertSame(['gallery', 'tabs', 'title', 'price'], self::of($band, Width::Tablet)->seen);
            self::assertCount(2, self::of($band)->elsewhere());
        }
    }

    public function test_whatever_an_order_says_each_block_stands_once(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $names = ['gallery', 'tabs', 'title', 'price', 'left', 'right', 'gone'];
        for ($case = 0; $case < 400; $case++) {
            $wanted = array_slice($random->shuffleArray($names), 0, $random->getInt(0, 7));
            $how = $random->getInt(0, 1) === 1 ? ['desktop' => ['ground' => 'surface']] : [];
            $sequence = self::of(self::band(['phone' => ['sequence' => $wanted]], $how));
            $said = (string) json_encode([$wanted, $how]);

            self::assertEqualsCanonicalizing($sequence->drawn, $sequence->seen, $said);
            // What the order names stands as it says.
            $named = array_values(array_intersect($wanted, $sequence->drawn));
            if ($how === [] && array_intersect($wanted, ['left', 'right']) === []) {
                self::assertSame($named, array_values(array_intersect($sequence->seen, $named)), $said);
            }
            // To say what is seen changes nothing.
            $again = self::of(self::band(['phone' => ['sequence' => $sequence->seen]], $how));
            self::assertSame($sequence->seen, $again->seen, $said);
            self::assertSame(self::fewest($sequence), count($sequence->elsewhere()), $said);
            $staying = array_values(array_diff($sequence->seen, $sequence->elsewhere()));
            self::assertSame($staying, array_values(array_intersect($sequence->drawn, $staying)), $said);
        }
    }

    /** By trying all of them: how few have to go so that the rest stands in the order of the page. */
    private static function fewest(Sequence $sequence): int
    {
        $count = count($sequence->seen);
        $best = $count;
        for ($mask = 0; $mask < 1 << $count; $mask++) {
            $isKept = static fn (int $at): bool => ($mask >> $at & 1) === 1;
            $kept = array_values(array_filter($sequence->seen, $isKept, ARRAY_FILTER_USE_KEY));
            if ($kept === array_values(array_intersect($sequence->drawn, $kept))) {
                $best = min($best, $count - count($kept));
            }
        }

        return $best;
    }

    public function test_a_copy_has_the_order_of_its_own_blocks(): void
    {
        $copy = (new Copying(new Trees))->copy(self::ordered('price', 'gone', 'gallery', 'tabs', 'title'));
        [$left, $right] = $copy->children;

        self::assertSame(
            [$right->children[1]->id, $left->children[0]->id, $left->children[1]->id, $right->children[0]->id],
            $copy->how['phone']['sequence'],
        );
        self::assertSame($copy->how['phone']['sequence'], self::of($copy)->seen);
    }

    public function test_what_an_order_may_say(): void
    {
        $order = new Order('', '');
        foreach ([[], ['a', 'b1'], array_map(static fn (int $at): string => "n$at", range(1, 500))] as $fine) {
            self::assertNull($order->problem($fine));
        }
        $wrong = [
            'a', null, ['a', 'a'], ['A'], ['a b'], [''], [7], ['x' => 'a'],
            array_map(static fn (int $at): string => "n$at", range(1, 501)),
        ];
        foreach ($wrong as $one) {
            self::assertSame(SettingProblem::NotAnOrder, $order->problem($one), (string) json_encode($one));
        }
    }

    private static function of(Node $band, Width $width = Width::Phone): Sequence
    {
        return Sequence::of($band, $width, Trees::schema());
    }

    private static function ordered(string ...$wanted): Node
    {
        return self::band(['phone' => ['sequence' => array_values($wanted)]]);
    }

    /**
     * @param  array<string, array<string, mixed>>  $how  of the band
     * @param  array<string, array<string, mixed>>  $left  of its first column
     */
    private static function band(array $how, array $left = []): Node
    {
        return new Node('band', 'band', how: $how, children: [
            new Node('left', 'column', how: $left, children: [
                Trees::node('gallery', 'gallery'), Trees::node('tabs', 'tabs'),
            ]),
            Trees::node('right', 'column', [Trees::node('title', 'title'), Trees::node('price', 'price')]),
        ]);
    }
}
