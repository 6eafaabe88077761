<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Deleted;
use Vestibra\Tests\App\TestCase;

/** What was deleted is nowhere, and can be taken back for a month with all that it had. */
final class DeletedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_template_comes_back_with_its_layout_its_steps_its_reach_and_its_place(): void
    {
        $draft = $this->draft();
        $order = DB::table('templates')->where('page_kind', 'product')->orderBy('hand_order')->pluck('name')->all();
        $steps = DB::table('draft_steps')->where('template_id', $draft->id)->count();
        $before = $draft->refresh()->getAttributes();
        self::assertGreaterThan(0, $steps);

        $answer = $this->deleteJson("/studio/templates/$draft->id")->assertOk();
        self::assertSame(
            [['Second', 'template', 'product']],
            array_map(
                static fn (array $one): array => [$one['name'], $one['what'], $one['pageKind']],
                $answer->json('list'),
            ),
        );
        $this->template('Later');
        $this->postJson("/studio/templates/$draft->id/back")->assertOk();
        $this->postJson("/studio/templates/$draft->id/back")->assertOk();

        self::assertSame($before, Template::query()->findOrFail($draft->id)->getAttributes());
        self::assertSame($steps, DB::table('draft_steps')->where('template_id', $draft->id)->count());
        self::assertSame(
            [...$order, 'Later'],
            DB::table('templates')->where('page_kind', 'product')->orderBy('hand_order')->pluck('name')->all(),
        );
        $this->postJson("/studio/templates/$draft->id/undo")->assertOk();
        self::assertSame([], Deleted::list());
    }

    public function test_while_it_is_deleted_it_is_nowhere(): void
    {
        $draft = $this->draft();
        $link = $this->postJson("/studio/templates/$draft->id/links", ['days' => 7])->assertSuccessful()->json();
        $this->deleteJson("/studio/templates/$draft->id")->assertOk();

        foreach ([
            "/studio/templates/$draft->id", "/studio/templates/$draft->id/news", "/studio/templates/$draft->id/look",
            "/studio/templates/$draft->id/impact",
        ] as $address) {
            $this->get($address)->assertNotFound();
        }
        $this->postJson("/studio/templates/$draft->id/edits", ['edits' => []])->assertNotFound();
        $stands = $draft->refresh()->getAttributes();
        $this->postJson("/studio/templates/$draft->id/edits", ['edits' => [$this->reach([['sale', 'isOn', []]])]])
            ->assertNotFound();
        $this->postJson("/studio/templates/$draft->id/undo")->assertNotFound();
        self::assertSame($stands, $draft->refresh()->getAttributes(), 'Nothing is done to it all the same.');
        $this->postJson("/studio/templates/$draft->id/fallback")->assertNotFound();
        $this->postJson('/studio/templates', ['name' => 'Copy', 'copyOf' => $draft->id])->assertNotFound();
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$draft->id => $draft->refresh()->draft_revision], 'spoken' => ["nothing/$draft->id"]],
        )->assertConflict();
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 1, 'template' => $draft->id])
            ->assertConflict();
        foreach ([
            '/studio/who', '/studio/why/product/teal-tide-bottled-ink', '/studio/templates?kind=product',
            '/studio/today',
        ] as $address) {
            $data = json_encode($this->data($address)['templates'] ?? $this->data($address));
            self::assertStringNotContainsString('Second', (string) $data, $address);
        }
        $bottled = $this->id('categories', 'Bottled inks');
        self::assertStringNotContainsString(
            'Second',
            (string) json_encode($this->getJson("/studio/catalogue/category/$bottled/uses")->json()),
        );
        self::assertNotEmpty($link);
    }

    public function test_a_release_that_had_it_live_brings_it_back_whole(): void
    {
        $draft = $this->draft();
        $this->publish($draft);
        $live = (int) DB::table('releases')->max('id');
        $this->postJson("/studio/templates/$draft->id/take-off")->assertCreated();
        $off = (int) DB::table('releases')->max('id');
        self::assertGreaterThan($live, $off);
        $this->deleteJson("/studio/templates/$draft->id")->assertOk();
        $this->postJson("/studio/releases/$off/bring-back")->assertCreated();

        self::assertTrue($draft->refresh()->isLive());
        self::assertNull($draft->let_go_at);
        $this->get("/studio/templates/$draft->id")->assertOk();
    }

    public function test_cards_and_kept_parts_stand_there_too_and_after_a_month_all_are_gone(): void
    {
        $card = $this->postJson('/studio/cards', ['name' => 'A card', 'start' => 'plain'])
            ->assertSuccessful()
            ->json('id');
        $part = $this->postJson('/studio/parts', ['name' => 'A part', 'node' => ['kind' => 'divider']])
            ->assertSuccessful()
            ->json('id');
        $draft = $this->draft();
        $this->deleteJson("/studio/cards/$card")->assertOk();
        $this->deleteJson("/studio/parts/$part")->assertOk();
        $this->travel(1)->days();
        $this->deleteJson("/studio/templates/$draft->id")->assertOk();
        self::assertSame(
            ['Second', 'A part', 'A card'],
            array_column($this->data('/studio/templates')['deleted'], 'name'),
        );
        $this->postJson("/studio/templates/$part/back")->assertOk();
        self::assertSame(['Second', 'A card'], array_column($this->data('/studio/templates')['deleted'], 'name'));
        $this->travel(29)->days();
        $this->travel(1)->minutes();
        self::assertSame(['Second'], array_column($this->data('/studio/templates')['deleted'], 'name'));
        $this->travel(1)->days();
        Deleted::end();
        self::assertFalse(Template::query()->whereKey([$card, $draft->id])->exists());
        self::assertTrue(Template::query()->whereKey($part)->exists());
        $this->postJson("/studio/templates/$card/back")->assertConflict();
    }

    public function test_only_who_may_delete_a_template_takes_that_back(): void
    {
        $draft = $this->draft();
        $this->deleteJson("/studio/templates/$draft->id")->assertOk();
        $this->actingAs(User::query()->create([
            'name' => 'Vera',
            'email' => 'vera@larkfold.example',
            'password' => 'ink-on-paper',
            'role' => User::VIEWER,
        ]));
        $this->postJson("/studio/templates/$draft->id/back")->assertForbidden();
        self::assertNotNull($draft->refresh()->let_go_at);
    }

    /** A draft with a rule, before another in the hand order. */
    private function draft(): Template
    {
        $draft = $this->template('Second');
        $this->edit($draft, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->template('Third');

        return $draft;
    }

    /** @return array<string, mixed> what a screen shows at first */
    private function data(string $address): array
    {
        preg_match('#id="screen">(.*?)</script>#s', (string) $this->get($address)->assertOk()->getContent(), $found);

        return json_decode($found[1], true)['data'];
    }
}
