<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Numbering;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Tests\Core\Chance;

final class NumberingTest extends TestCase
{
    public function test_new_things_are_numbered_wherever_they_are_named(): void
    {
        $entry = new Entry([
            new Change(
                Thing::Product,
                -1,
                null,
                ['title' => 'Ink', 'brand' => -1, 'categories' => [-2, 3, -1], 'pictures' => [9, 8]],
            ),
            new Change(Thing::Brand, -1, null, ['name' => 'Nightjar']),
            new Change(Thing::Category, -1, null, ['name' => 'A']),
            new Change(Thing::Category, -2, null, ['name' => 'B', 'parent' => -1]),
            new Change(Thing::Tag, 6, ['name' => 'gone'], null),
            new Change(Thing::Variant, 7, ['product' => 2, 'stock' => 5], ['product' => -1, 'stock' => 6]),
        ]);
        self::assertSame(['product' => 1, 'brand' => 1, 'category' => 2], Numbering::asked($entry));
        $numbering = Numbering::from($entry, ['product' => 50, 'brand' => 20, 'category' => 30]);
        $numbered = $numbering->apply($entry);

        self::assertSame(
            ['product/-1' => 50, 'brand/-1' => 20, 'category/-1' => 30, 'category/-2' => 31],
            $numbering->toArray(),
        );
        self::assertSame(
            ['title' => 'Ink', 'brand' => 20, 'categories' => [3, 30, 31], 'pictures' => [9, 8]],
            $numbered->of(Thing::Product, 50)?->after,
        );
        self::assertTrue($numbered->of(Thing::Tag, 6)?->isDeleted());
        self::assertSame(30, $numbered->of(Thing::Category, 31)?->after['parent'] ?? null);
        self::assertSame(['product' => 50, 'stock' => 6], $numbered->of(Thing::Variant, 7)?->after);
        self::assertSame(['product' => 2, 'stock' => 5], $numbered->of(Thing::Variant, 7)->before);
    }

    public function test_what_is_the_matter_is_said_about_the_thing_as_it_was_sent(): void
    {
        $numbering = Numbering::from(new Entry([new Change(Thing::Tag, -3, null, ['name' => 'a'])]), ['tag' => 12]);

        self::assertSame('tag/-3/name', $numbering->asSent(CatalogueProblem::NameTaken->at('tag/12/name'))->path);
        self::assertSame('tag/-3', $numbering->asSent(CatalogueProblem::Gone->at('tag/12'))->path);
        self::assertSame('tag/123/name', $numbering->asSent(CatalogueProblem::NameTaken->at('tag/123/name'))->path);
        self::assertSame('brand/12', $numbering->asSent(CatalogueProblem::Gone->at('brand/12'))->path);
    }

    public function test_nothing_is_named_before_it_is_made_or_after_it_is_deleted_forwards_and_backwards(): void
    {
        $chance = new Chance(9);
        for ($round = 0; $round < 200; $round++) {
            $changes = [];
            for ($id = 1; $id <= 12; $id++) {
                $parent = $id === 1 || $chance->oneIn(4) ? null : $chance->number(1, $id - 1);
                $fields = ['name' => 'n', 'parent' => $parent];
                $changes[] = $id % 2 === 0 ? new Change(Thing::Category, $id, null, $fields) : new Change(
                    Thing::Category,
                    $id + 100,
                    ['name' => 'n', 'parent' => $parent === null ? null : $parent + 100],
                    null,
                );
            }
            $changes[] = new Change(Thing::Product, 1, ['mainCategory' => 101], ['mainCategory' => 2]);
            $entry = (new Entry(array_values($chance->shuffled($changes))))->inOrder();

            self::assertCount(count($changes), $entry->changes);
            $this->follows($entry);
            $this->follows($entry->invert());
        }
    }

    private function follows(Entry $entry): void
    {
        $place = array_flip(array_map(static fn (Change $change): string => $change->key(), $entry->changes));
        foreach ($entry->changes as $change) {
            foreach (ThingFields::named($change->thing, $change->after ?? []) as $key) {
                $named = isset($place[$key]) ? $entry->changes[$place[$key]] : null;
                self::assertFalse(
                    $named?->isMade() === true && $place[$key] > $place[$change->key()],
                    "$key is made too late",
                );
            }
            foreach (ThingFields::named($change->thing, $change->before ?? []) as $key) {
                $named = isset($place[$key]) ? $entry->changes[$place[$key]] : null;
                self::assertFalse(
                    $named?->isDeleted() === true && $place[$key] < $place[$change->key()],
                    "$key is deleted too early",
                );
            }
        }
    }
}
