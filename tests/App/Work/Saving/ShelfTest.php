<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\RunDueProducts;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Tests\App\TestCase;

/** Products that come into the shop and go on their days. */
final class ShelfTest extends TestCase
{
    private const PAGE = '/p/teal-tide-bottled-ink';

    public function test_a_product_is_hidden_until_its_day_and_shown_by_itself_on_it(): void
    {
        Queue::fake();
        $this->set(['shownFrom' => '2030-05-01T09:00:00Z', 'shownUntil' => '2030-05-03T00:00:00Z']);
        $this->get(self::PAGE)->assertNotFound();
        Queue::assertPushed(RunDueProducts::class, 2);
        self::assertFalse($this->stands()['published']);

        $this->travelTo('2030-05-01 08:59:59');
        $this->anew();
        $this->get(self::PAGE)->assertNotFound();
        $this->travelTo('2030-05-01 09:00:00');
        $this->anew();
        $this->get(self::PAGE)->assertOk();
        self::assertSame([true, null], [$this->stands()['published'], $this->stands()['shownFrom']]);
        $this->travelTo('2030-05-03 00:00:00');
        $this->app->call([new RunDueProducts, 'handle']);
        $this->anew();
        $this->get(self::PAGE)->assertNotFound();

        $this->actingAs($this->owner)->getJson('/studio/catalogue/entries')
            ->assertJsonPath('total', 3)
            ->assertJsonPath('entries.0.by', $this->owner->name);
        $last = (int) DB::table('catalogue_entries')->max('id');
        self::assertInstanceOf(Saved::class, $this->app->make(Saving::class)->takeBack($last, $this->owner));
        self::assertTrue($this->stands()['published']);
    }

    public function test_what_is_amiss_about_its_categories_does_not_keep_a_product_from_its_day(): void
    {
        $this->set(['shownFrom' => '2030-05-01T09:00:00Z']);
        DB::table('category_product')->where('product_id', $this->id('products', 'Teal Tide bottled ink'))->delete();
        $this->travelTo('2030-05-01 09:00:00');
        $this->anew();

        $this->get(self::PAGE)->assertOk();
    }

    public function test_a_product_is_new_from_when_customers_first_see_it(): void
    {
        $made = $this->app->make(Saving::class)->save(
            new Entry([new Change(Thing::Product, -1, null, [
                'title' => 'Dusk ink',
                'slug' => 'dusk-ink',
                'published' => false,
            ])]),
            $this->owner,
        );
        self::assertInstanceOf(Saved::class, $made);
        $id = $made->numbers['product/-1'];
        self::assertNull($this->stands($id)['added']);
        $this->travelTo('2031-01-01 10:00:00');
        $this->anew();
        $this->set(['published' => true], $id);
        self::assertSame('2031-01-01T10:00:00Z', $this->stands($id)['added']);
        $this->travelTo('2031-02-01 10:00:00');
        $this->set(['published' => false], $id);
        $this->set(['published' => true], $id);
        self::assertSame('2031-01-01T10:00:00Z', $this->stands($id)['added']);
    }

    /** @param  array<string, mixed>  $fields */
    private function set(array $fields, ?int $id = null): void
    {
        $id ??= $this->id('products', 'Teal Tide bottled ink');
        $done = $this->app->make(Saving::class)->save(
            new Entry([new Change(Thing::Product, $id, array_intersect_key($this->stands($id), $fields), $fields)]),
            $this->owner,
        );
        self::assertInstanceOf(Saved::class, $done);
        $this->anew();
    }

    /** @return array<string, mixed> */
    private function stands(?int $id = null): array
    {
        $id ??= $this->id('products', 'Teal Tide bottled ink');

        return $this->app->make(StoredThings::class)->read(Thing::Product, [$id])[$id];
    }
}
