<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use LogicException;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\CrossedField;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Tests\Core\Chance;

final class ApplyingTest extends TestCase
{
    public function test_an_entry_and_its_inverse_leave_everything_as_it_was(): void
    {
        $chance = new Chance(3);
        for ($round = 0; $round < 200; $round++) {
            $drawer = $this->filled($chance);
            $before = $drawer->things;
            $entry = $this->random($chance, $drawer);
            $made = (new Applying($drawer))->apply($entry);

            self::assertInstanceOf(Entry::class, $made);
            self::assertInstanceOf(
                Entry::class,
                (new Applying($drawer))
                    ->apply(Entry::stored((array) json_decode((string) json_encode($made->invert()->toArray()), true))),
            );
            self::assertEquals(array_filter($before), array_filter($drawer->things));
        }
    }

    public function test_changes_of_other_fields_do_not_cross_in_whatever_order_they_are_made(): void
    {
        $title = new Entry([new Change(Thing::Product, 1, ['title' => 'Ink'], ['title' => 'Teal ink'])]);
        $brand = new Entry([new Change(Thing::Product, 1, ['brand' => 3], ['brand' => 4])]);
        foreach ([[$title, $brand], [$brand, $title]] as $order) {
            $drawer = new Drawer(['product' => [1 => ['title' => 'Ink', 'brand' => 3]]]);
            foreach ($order as $entry) {
                self::assertInstanceOf(Entry::class, (new Applying($drawer))->apply($entry));
            }
            self::assertSame(4, $drawer->things['product'][1]['brand']);
            self::assertSame('Teal ink', $drawer->things['product'][1]['title']);
        }
    }

    public function test_the_same_field_crosses_and_nothing_of_the_entry_is_made(): void
    {
        $drawer = new Drawer(
            ['product' => [1 => ['title' => 'Ink', 'brand' => 5], 2 => ['title' => 'Pen', 'brand' => 3]]],
        );
        $done = (new Applying($drawer))->apply(new Entry([
            new Change(Thing::Product, 2, ['brand' => 3], ['brand' => 4]),
            new Change(Thing::Product, 1, ['title' => 'Ink', 'brand' => 3], ['title' => 'Teal ink', 'brand' => 4]),
        ]));

        self::assertEquals([new CrossedField(Thing::Product, 1, 'brand', 5, 4)], $done);
        self::assertSame(3, $drawer->things['product'][2]['brand']);
        self::assertSame('Ink', $drawer->things['product'][1]['title']);
    }

    public function test_somebody_else_who_made_the_same_change_is_no_crossing(): void
    {
        $drawer = new Drawer(['product' => [1 => ['brand' => 4]]]);

        self::assertInstanceOf(
            Entry::class,
            (new Applying($drawer))->apply(new Entry([new Change(Thing::Product, 1, ['brand' => 3], ['brand' => 4])])),
        );
    }

    public function test_a_thing_that_is_gone_and_one_that_is_there_already_cross(): void
    {
        $applying = new Applying(new Drawer(['tag' => [1 => ['name' => 'new']]]));

        $gone = $applying->crossings(new Entry([new Change(Thing::Tag, 9, ['name' => 'a'], ['name' => 'b'])]));
        self::assertEquals([new CrossedField(Thing::Tag, 9, null, null, ['name' => 'b'])], $gone);
        self::assertCount(1, $applying->crossings(new Entry([new Change(Thing::Tag, 1, null, ['name' => 'b'])])));
        self::assertCount(1, $applying->crossings(new Entry([new Change(Thing::Tag, 9, ['name' => 'a'], null)])));
        self::assertSame([], $applying->crossings(new Entry([new Change(Thing::Tag, 9, null, ['name' => 'b'])])));
    }

    public function test_what_was_changed_since_is_not_deleted_unseen(): void
    {
        $applying = new Applying(new Drawer(['tag' => [1 => ['name' => 'new', 'slug' => 'new']]]));

        self::assertEquals(
            [new CrossedField(Thing::Tag, 1, 'name', 'new', 'old')],
            $applying->crossings(new Entry([new Change(Thing::Tag, 1, ['name' => 'old'], null)])),
        );
    }

    public function test_what_went_along_with_a_deleted_thing_comes_back_with_it(): void
    {
        $change = (new Change(Thing::Product, 1, ['title' => 'Ink'], null))->with(['reviews' => [['stars' => 5]]]);
        $back = Change::stored((array) json_decode((string) json_encode($change->invert()->toArray()), true));

        self::assertSame(['reviews' => [['stars' => 5]]], $back->alongside);
        self::assertTrue($back->isMade());
        self::assertTrue($change->isDeleted());
    }

    public function test_only_fields_that_differ_are_named(): void
    {
        self::assertSame(
            ['brand'],
            (new Change(Thing::Product, 1, ['title' => 'Ink', 'brand' => null], ['title' => 'Ink', 'brand' => 2]))
                ->fields(),
        );
        self::assertSame([], (new Change(Thing::Product, 1, null, ['title' => 'Ink']))->fields());
    }

    public function test_an_entry_knows_what_it_is_about(): void
    {
        $one = new Change(Thing::Product, 4, ['title' => 'a'], ['title' => 'b']);
        $entry = new Entry([
            new Change(Thing::Tag, 4, null, ['name' => 'x']),
            $one,
            new Change(Thing::Product, 9, ['title' => 'a'], null),
        ]);

        self::assertSame([4, 9], $entry->ids(Thing::Product));
        self::assertSame([4], $entry->ids(Thing::Tag));
        self::assertSame([], $entry->ids(Thing::Brand));
        self::assertSame($one, $entry->of(Thing::Product, 4));
        self::assertNull($entry->of(Thing::Product, 5));
        self::assertNull($entry->of(Thing::Brand, 4));
        self::assertSame(
            ['brand/3', 'category/1', 'category/2'],
            ThingFields::named(Thing::Product, [
                'title' => '7', 'brand' => 3, 'categories' => [1, 2], 'mainCategory' => null,
            ]),
        );
    }

    public function test_a_change_of_nothing_cannot_be_written(): void
    {
        $this->expectException(LogicException::class);

        new Change(Thing::Product, 1, null, null);
    }

    private function filled(Chance $chance): Drawer
    {
        $things = [];
        for ($id = 1; $id <= 6; $id++) {
            foreach ([Thing::Product, Thing::Tag] as $thing) {
                if ($chance->number(0, 3) > 0) {
                    $things[$thing->value][$id] = [
                        'name' => 'n'.$chance->number(0, 3),
                        'several' => range(0, $chance->number(0, 3)),
                        'none' => null,
                    ];
                }
            }
        }

        return new Drawer($things);
    }

    private function random(Chance $chance, Drawer $drawer): Entry
    {
        $changes = [];
        foreach ([Thing::Product, Thing::Tag] as $thing) {
            for ($id = 1; $id <= 8; $id++) {
                $stands = $drawer->things[$thing->value][$id] ?? null;
                $new = ['name' => 'm'.$chance->number(0, 3), 'several' => [], 'none' => $chance->number(0, 1)];
                $what = $chance->number(0, 3);
                if ($what === 1 && $stands !== null) {
                    $changes[] = new Change($thing, $id, $stands, null);
                } elseif ($what === 2 && $stands !== null) {
                    $changes[] = new Change($thing, $id, ['name' => $stands['name']], ['name' => $new['name']]);
                } elseif ($what > 0 && $stands === null) {
                    $changes[] = new Change($thing, $id, null, $new);
                }
            }
        }

        return new Entry($changes);
    }
}
