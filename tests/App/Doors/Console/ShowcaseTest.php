<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Console;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Demo\Showcase;
use Vestibra\Tests\App\TestCase;

/** What somebody finds in the demo shop in the first minute. */
final class ShowcaseTest extends TestCase
{
    public function test_the_demo_shows_what_rules_do_a_draft_that_has_moved_on_and_a_campaign_that_waits(): void
    {
        $this->travelTo('2026-11-26 12:00:00');
        $this->app->make(Showcase::class)->add($this->owner);
        $live = Template::query()->whereNotNull('live_revision')->pluck('name')->all();
        self::assertEmpty(array_diff(
            [
                'Bottled inks', 'Shimmer inks', 'Pens', 'Pellinray, facts first', 'On offer', 'The gift card alone',
                'Inks under a banner', 'Two collections with a banner',
            ],
            $live,
        ));
        self::assertSame(
            ['Pens'],
            Template::query()->whereNotNull('live_revision')
                ->where('page_kind', PageKind::Product->value)
                ->whereColumn('draft_tree', '!=', 'live_tree')
                ->pluck('name')
                ->all(),
        );
        self::assertSame(1, DB::table('releases')->whereNotNull('due_at')->count());

        $this->actingAs($this->owner);
        $shown = fn (string $address): string =>
            (string) $this->getJson("/studio/ladder/$address")->assertOk()->json('rungs.0.name');
        self::assertSame('The gift card alone', $shown('product/'.$this->id('products', 'Gift card')));
        self::assertSame('Inks under a banner', $shown('category/'.$this->id('categories', 'Shimmer inks')));
        self::assertSame(
            'Two collections with a banner',
            $shown('collection/'.$this->id('collections', 'Winter letters')),
        );
        $this->get('/studio/today')->assertOk()
            ->assertDontSee('is live and shown on no page')
            ->assertSee('Winter letters, the campaign');
        foreach (['/', '/all', '/c/inks', '/collection/winter-letters', '/p/gift-card', '/tag/gift'] as $address) {
            $this->get($address)->assertOk();
        }
        $this->get('/c/bottled-inks?sort=title')->assertSee('dries in');
        $this->get('/collection/winter-letters')->assertSee('product-picture-row', false);
    }
}
