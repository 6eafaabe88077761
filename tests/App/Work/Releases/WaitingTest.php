<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Tests\App\TestCase;

/** Releases at a time: waiting, changed, called off, made by the worker or by the next request. */
final class WaitingTest extends TestCase
{
    private Template $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        $this->inks = $this->template();
        $this->edit($this->inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
    }

    public function test_nothing_changes_before_its_time_and_the_next_request_after_it_makes_it(): void
    {
        $this->wait('2026-11-27 00:00')->assertCreated()
            ->assertJsonPath('state', 'waiting')
            ->assertJsonPath('impact.moved', 23);
        $this->travelTo('2026-11-26T23:59:59Z');
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee($this->block($this->inks, 'title'));
        $this->travelTo('2026-11-27T00:00:00Z');
        $this->get('/p/teal-tide-bottled-ink')->assertSee($this->block($this->inks, 'title'));

        self::assertSame('done', Release::query()->firstOrFail()->state);
    }

    public function test_what_is_published_is_the_draft_as_it_was_then(): void
    {
        $gallery = $this->block($this->inks, 'gallery');
        $this->wait('2026-11-27 00:00');
        $this->edit($this->inks, ['edit' => 'remove', 'id' => $gallery]);
        $this->travelTo('2026-11-28T00:00:00Z');
        $this->app->make(Releases::class)->runDue();

        self::assertStringContainsString($gallery, (string) json_encode($this->inks->refresh()->live_tree));
    }

    public function test_its_time_can_be_changed_and_it_can_be_called_off(): void
    {
        $this->wait('2026-11-27 00:00');
        $this->patchJson('/studio/releases/1', ['due' => '2026-11-28 09:00'])
            ->assertOk()
            ->assertJsonPath('dueWall', '2026-11-28T09:00');
        $this->travelTo('2026-11-27T12:00:00Z');
        self::assertSame(0, $this->app->make(Releases::class)->runDue());
        $this->postJson('/studio/releases/1/call-off')->assertOk()->assertJsonPath('state', 'called-off');
        $this->travelTo('2026-12-01T00:00:00Z');
        self::assertSame(0, $this->app->make(Releases::class)->runDue());
        $this->postJson('/studio/releases/1/call-off')->assertStatus(409);
    }

    public function test_a_time_that_is_over_is_refused(): void
    {
        $this->wait('2026-11-25 11:00')
            ->assertStatus(422)
            ->assertJsonPath('message', 'That time is not to come any more. Nothing was kept; choose a later one.');
        $this->wait('Friday')->assertStatus(422);
        self::assertSame(0, Release::query()->count());
    }

    public function test_it_is_made_once_however_often_it_is_asked_for(): void
    {
        $this->wait('2026-11-27 00:00');
        $this->travelTo('2026-11-28T00:00:00Z');
        $releases = $this->app->make(Releases::class);

        self::assertSame([1, 0], [$releases->runDue(), $releases->runDue()]);
        self::assertSame(1, Release::query()->count());
    }

    public function test_one_whose_template_is_gone_fails_with_a_sentence_and_leaves_the_shop_alone(): void
    {
        $this->wait('2026-11-27 00:00');
        DB::table('templates')->where('id', $this->inks->id)->delete();
        $this->travelTo('2026-11-28T00:00:00Z');
        $this->get('/p/teal-tide-bottled-ink')->assertOk();

        self::assertSame(
            ['failed', 'release.template-gone'],
            [Release::query()->firstOrFail()->state, Release::query()->firstOrFail()->trouble],
        );
        $this->get('/studio/today')->assertSee('A release that waited was not made.');
    }

    public function test_several_at_once_are_made_in_the_order_of_their_times(): void
    {
        $pens = $this->template('Pens');
        $this->edit($pens, $this->reach([['category', 'isIn', [$this->id('categories', 'Pens')]]]));
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$pens->id => $pens->draft_revision], 'due' => '2026-11-27 10:00'],
        )->assertCreated();
        $this->wait('2026-11-27 09:00');
        $this->travelTo('2026-11-28T00:00:00Z');
        self::assertSame(2, $this->app->make(Releases::class)->runDue());

        self::assertSame(
            [23, 26],
            [Release::query()->findOrFail(2)->impact['moved'], Release::query()->findOrFail(1)->impact['moved']],
        );
    }

    public function test_several_templates_are_published_in_one_release(): void
    {
        $pens = $this->template('Pens');
        $this->edit($pens, $this->reach([['category', 'isIn', [$this->id('categories', 'Pens')]]]));
        $this->getJson("/studio/templates/{$this->inks->id}/impact?also=$pens->id")
            ->assertJsonPath('moved', 49)
            ->assertJsonPath('others.0.name', 'Pens');
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->inks->id => $this->inks->draft_revision, $pens->id => $pens->draft_revision]],
        )->assertCreated();

        self::assertSame(1, Release::query()->count());
        self::assertTrue($pens->refresh()->isLive());
        $this->postJson('/studio/releases/1/bring-back')->assertCreated();
        self::assertFalse($pens->refresh()->isLive() || $this->inks->refresh()->isLive());
    }

    public function test_what_would_be_shown_on_nothing_or_has_no_price_wants_a_spoken_decision(): void
    {
        $bare = $this->template('Bare', 'blank');
        $this->edit($bare, [
            'edit' => 'insert',
            'parent' => $this->block($bare, 'column'),
            'after' => null,
            'node' => ['kind' => 'title'],
        ]);
        $body = ['revisions' => [$bare->id => $bare->draft_revision]];
        $impact = $this->getJson("/studio/templates/$bare->id/impact");
        self::assertSame(
            ["nothing/$bare->id", "price/$bare->id", "buy/$bare->id"],
            array_column($impact->json('concerns'), 'spoken'),
        );
        $this->postJson('/studio/publish', $body)
            ->assertStatus(409)
            ->assertJsonPath('problems.1.message', '“Bare” shows no price.');
        $this->postJson('/studio/publish', $body + ['spoken' => ["nothing/$bare->id", "price/$bare->id"]])
            ->assertStatus(409);
        $this->postJson(
            '/studio/publish',
            $body + ['spoken' => ["nothing/$bare->id", "price/$bare->id", "buy/$bare->id"]],
        )->assertCreated();
    }

    public function test_after_publishing_three_changed_pages_and_the_three_nearest_that_did_not_are_named(): void
    {
        $look = $this->postJson('/studio/publish', ['revisions' => [$this->inks->id => $this->inks->draft_revision]])
            ->json('look');
        self::assertCount(3, $look['changed']);
        self::assertCount(3, $look['same']);
        $inks = array_column($look['changed'], 'id');
        foreach ($look['same'] as $product) {
            self::assertNotContains($product['id'], $inks);
            $this->get("/p/{$product['slug']}")->assertDontSee($this->block($this->inks, 'title'));
        }
        foreach ($look['changed'] as $product) {
            $this->get("/p/{$product['slug']}")->assertSee($this->block($this->inks, 'title'));
        }
    }

    private function wait(string $due): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->inks->id => $this->inks->draft_revision], 'due' => $due, 'note' => 'On Friday'],
        );
    }
}
