<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\OnTheShelf;
use Vestibra\Core\Catalogue\Changing\Thing;

final class OnTheShelfTest extends TestCase
{
    private const NOW = '2026-11-26T12:00:00Z';

    private const BEFORE = '2026-11-20T00:00:00Z';

    private const LATER = '2026-12-24T00:00:00Z';

    /**
     * @param  array<string, mixed>  $product
     * @param  array<string, mixed>  $changed
     */
    #[DataProvider('products')]
    public function test_what_follows_from_the_days_of_a_product(array $product, array $changed): void
    {
        self::assertSame($changed, OnTheShelf::at($product, self::NOW));
        self::assertSame([], OnTheShelf::at($changed + $product, self::NOW), 'It is done once.');
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function products(): iterable
    {
        $plain = ['published' => false, 'shownFrom' => null, 'shownUntil' => null, 'added' => self::BEFORE];
        yield 'hidden, without days' => [$plain, []];
        yield 'shown, without days' => [['published' => true] + $plain, []];
        yield 'never shown before' => [['added' => null] + $plain, []];
        yield 'shown for the first time' => [['published' => true, 'added' => null] + $plain, ['added' => self::NOW]];
        yield 'to be shown later' =>
            [['published' => true, 'shownFrom' => self::LATER, 'added' => null] + $plain, ['published' => false]];
        yield 'its day has come' =>
            [['shownFrom' => self::BEFORE] + $plain, ['published' => true, 'shownFrom' => null]];
        yield 'its very instant' => [['shownFrom' => self::NOW] + $plain, ['published' => true, 'shownFrom' => null]];
        yield 'its day has come for the first time: it is new from that day' => [
            ['shownFrom' => self::BEFORE, 'added' => null] + $plain,
            ['published' => true, 'shownFrom' => null, 'added' => self::BEFORE],
        ];
        yield 'to be hidden later' => [['published' => true, 'shownUntil' => self::LATER] + $plain, []];
        yield 'its last day is over' => [
            ['published' => true, 'shownUntil' => self::BEFORE] + $plain,
            ['published' => false, 'shownUntil' => null],
        ];
        yield 'its last instant does not belong to it' =>
            [['published' => true, 'shownUntil' => self::NOW] + $plain, ['published' => false, 'shownUntil' => null]];
        yield 'both are over: it was shown meanwhile, had anybody looked' => [
            ['shownFrom' => self::BEFORE, 'shownUntil' => self::NOW] + $plain,
            ['shownUntil' => null, 'shownFrom' => null],
        ];
        yield 'shown from a day, until a later one' => [
            ['shownFrom' => self::BEFORE, 'shownUntil' => self::LATER] + $plain,
            ['published' => true, 'shownFrom' => null],
        ];
    }

    public function test_a_change_takes_along_what_follows_from_it(): void
    {
        $stands = ['title' => 'Ink', 'published' => false, 'shownFrom' => null, 'shownUntil' => null, 'added' => null];
        $settled = static fn (Change $change, ?array $stood): Change => OnTheShelf::settled($change, $stood, self::NOW);
        $shown = $settled(new Change(Thing::Product, 1, ['published' => false], ['published' => true]), $stands);
        $made = $settled(new Change(Thing::Product, -1, null, ['published' => true] + $stands), null);
        $same = new Change(Thing::Product, 1, ['title' => 'Ink'], ['title' => 'Tint']);
        $category = new Change(Thing::Category, 1, ['published' => false], ['published' => true]);
        $deleted = new Change(Thing::Product, 1, $stands, null);

        self::assertEquals(
            [['published' => false, 'added' => null], ['published' => true, 'added' => self::NOW]],
            [$shown->before, $shown->after],
        );
        self::assertEquals(['published' => true, 'added' => self::NOW] + $stands, $made->after);
        self::assertNull($made->before);
        self::assertSame(
            [$same, $category, $deleted],
            [$settled($same, $stands), $settled($category, $stands), $settled($deleted, $stands)],
        );
    }
}
