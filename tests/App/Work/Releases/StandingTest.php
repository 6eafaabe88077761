<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Taking off, the fallback, the hand order, pins and deleting: asked for first, then released, then brought back. */
final class StandingTest extends TestCase
{
    private Template $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->inks = $this->template();
        $this->edit($this->inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($this->inks);
    }

    public function test_asking_tells_the_impact_and_changes_nothing(): void
    {
        $this->postJson("/studio/templates/{$this->inks->id}/take-off", ['ask' => true])->assertOk()
            ->assertJsonPath('moved', 23)
            ->assertJsonPath('moves.0.toName', 'Everything else')
            ->assertJsonPath('stays', 86);

        self::assertTrue($this->inks->refresh()->isLive());
        self::assertSame(1, Release::query()->count());
    }

    public function test_taking_off_is_a_release_that_can_be_brought_back(): void
    {
        $live = $this->inks->live_tree;
        $this->postJson("/studio/templates/{$this->inks->id}/take-off")
            ->assertCreated()
            ->assertJsonPath('words', '“Bottled inks” taken off');
        self::assertFalse($this->inks->refresh()->isLive());

        $this->postJson('/studio/releases/2/bring-back')->assertCreated();
        self::assertSame($live, $this->inks->refresh()->live_tree);
    }

    public function test_the_fallback_cannot_be_taken_off(): void
    {
        $this->postJson('/studio/templates/1/take-off', ['ask' => true])->assertStatus(409)
            ->assertJsonPath(
                'message',
                '“Everything else” takes every page that no rule takes, so it has to stay live. Nothing was changed.',
            );
    }

    public function test_another_live_template_becomes_the_fallback(): void
    {
        DB::table('templates')
            ->where('id', 1)
            ->update(['live_reach' => json_encode(['format' => 2, 'show' => [], 'keepOff' => []])]);
        $this->postJson("/studio/templates/{$this->inks->id}/fallback", ['ask' => true])->assertJsonPath('moved', 86);
        $this->postJson("/studio/templates/{$this->inks->id}/fallback")->assertCreated();

        self::assertSame($this->inks->id, DB::table('fallbacks')->value('template_id'));
        $this->get('/p/wherry-fountain-pen')->assertSee($this->block($this->inks, 'title'));
    }

    public function test_a_draft_cannot_become_the_fallback(): void
    {
        $this->postJson("/studio/templates/{$this->template('A draft')->id}/fallback")->assertStatus(409);
    }

    public function test_the_hand_order_settles_ties_and_is_a_release(): void
    {
        $second = $this->template('Other inks');
        $this->edit($second, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($second);

        $this->postJson('/studio/templates/order', ['move' => $second->id, 'before' => $this->inks->id, 'ask' => true])
            ->assertJsonPath('moved', 23);
        $this->postJson('/studio/templates/order', ['move' => $second->id, 'before' => $this->inks->id])
            ->assertCreated();
        self::assertSame(
            [1, $second->id, $this->inks->id],
            Template::query()->where('page_kind', 'product')->oldest('hand_order')->pluck('id')->all(),
        );
        $this->get('/p/teal-tide-bottled-ink')->assertSee($this->block($second, 'title'));

        $this->postJson('/studio/releases/3/bring-back')->assertCreated();
        self::assertSame(
            [1, $this->inks->id, $second->id],
            Template::query()->where('page_kind', 'product')->oldest('hand_order')->pluck('id')->all(),
        );
    }

    public function test_an_order_that_names_a_template_twice_or_an_unknown_one_is_refused(): void
    {
        $this->postJson('/studio/templates/order', ['order' => [1, 1]])->assertStatus(409);
        $this->postJson('/studio/templates/order', ['order' => [1, 999]])->assertStatus(409);
    }

    public function test_a_product_is_pinned_and_set_free(): void
    {
        $pen = $this->id('products', 'Wherry fountain pen');
        $this->postJson(
            '/studio/pins',
            ['pageKind' => 'product', 'subject' => $pen, 'template' => $this->inks->id, 'ask' => true],
        )->assertJsonPath('moved', 1);
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => $pen, 'template' => $this->inks->id])
            ->assertCreated()
            ->assertJsonPath('words', '1 page pinned');
        $this->get('/p/wherry-fountain-pen')->assertSee($this->block($this->inks, 'title'));

        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => $pen, 'template' => null])
            ->assertCreated();
        $this->get('/p/wherry-fountain-pen')->assertDontSee($this->block($this->inks, 'title'));
        $this->postJson('/studio/releases/3/bring-back')->assertCreated();
        self::assertSame($this->inks->id, DB::table('pins')->where('subject_id', $pen)->value('template_id'));
    }

    public function test_what_is_pinned_to_nothing_is_refused(): void
    {
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 999_999, 'template' => $this->inks->id])
            ->assertStatus(409);
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 1, 'template' => 999])
            ->assertStatus(409);
    }

    public function test_deleting_needs_it_not_live_not_pinned_and_in_no_waiting_release(): void
    {
        $this->deleteJson("/studio/templates/{$this->inks->id}")
            ->assertStatus(409)
            ->assertJsonPath('message', '“Bottled inks” is live. Take it off first; then it can be deleted.');
        $draft = $this->template('A draft');
        DB::table('pins')->insert(['page_kind' => 'product', 'subject_id' => 1, 'template_id' => $draft->id]);
        $this->deleteJson("/studio/templates/$draft->id")->assertStatus(409);
        DB::table('pins')->delete();
        $this->edit($draft, $this->reach([['sale', 'isOn', []]]));
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$draft->id => $draft->draft_revision], 'due' => '2031-01-01 00:00'],
        )->assertCreated();
        $this->deleteJson("/studio/templates/$draft->id")->assertStatus(409);
        $this->postJson('/studio/releases/2/call-off')->assertOk();
        $this->deleteJson("/studio/templates/$draft->id")->assertOk();

        $this->get("/studio/templates/$draft->id")->assertNotFound();
    }
}
