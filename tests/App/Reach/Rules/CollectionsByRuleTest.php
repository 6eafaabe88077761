<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Work\Releases\RunDueReleases;
use Vestibra\Tests\App\TestCase;

/** Collections by rule in the shop and in rules; what waits is put into the queue. */
final class CollectionsByRuleTest extends TestCase
{
    public function test_the_shops_page_lists_what_the_rule_takes_now(): void
    {
        $onSale = DB::table('variants')->join('products', 'products.id', '=', 'product_id')
            ->where('products.published', true)
            ->whereColumn('sale_price', '<', 'price')
            ->where(static fn ($open) => $open->whereNull('sale_until')->orWhere('sale_until', '>', now()))
            ->where(static fn ($open) => $open->whereNull('sale_from')->orWhere('sale_from', '<=', now()))
            ->distinct()
            ->count('product_id');
        $this->get('/collection/on-offer-now')->assertOk()->assertSee("$onSale products");
        DB::table('variants')->update(['sale_price' => null]);
        $this->get('/collection/on-offer-now')->assertOk()->assertDontSee('Mulled Plum');
    }

    public function test_a_template_for_the_collection_takes_its_products(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template('Offers');
        $this->edit($template, $this->reach([['collection', 'isIn', [$this->id('collections', 'On offer now')]]]));
        $counts = $this->postJson("/studio/templates/$template->id/reach", ['reach' => $template->draft_reach])
            ->assertOk();
        self::assertGreaterThan(2, $counts->json('covers'));
        self::assertSame($counts->json('covers'), $counts->json('shownOn'));
        $this->publish($template);
        $this->get('/p/mulled-plum-bottled-ink')->assertSee($this->block($template, 'title'));
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee($this->block($template, 'title'));
    }

    public function test_a_release_at_a_time_is_put_into_the_queue_for_then(): void
    {
        Queue::fake();
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, $this->reach([['sale', 'isOn', []]]));
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$template->id => $template->draft_revision], 'due' => '2099-05-01 09:00'],
        )->assertCreated();
        Queue::assertPushed(RunDueReleases::class, 1);
        $this->patchJson('/studio/releases/1', ['due' => '2099-06-01 09:00'])->assertOk();
        Queue::assertPushed(RunDueReleases::class, 2);
        $this->travelTo('2099-06-01T08:00:00Z');
        $this->app->call([new RunDueReleases, 'handle']);
        self::assertSame(Release::DONE, Release::query()->firstOrFail()->state);
    }
}
