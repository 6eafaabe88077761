<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

final class PublishingTest extends TestCase
{
    private Template $template;

    private string $address = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->template = $this->template();
        $this->address = "/studio/templates/{$this->template->id}";
        $this->actingAs($this->owner);
    }

    public function test_edits_never_touch_the_shop_until_published(): void
    {
        $this->appearOnBottled();
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee($this->block($this->template, 'title'));
        $this->publish($this->template);
        $this->get('/p/teal-tide-bottled-ink')->assertSee($this->block($this->template, 'title'));

        $this->edit($this->template, ['edit' => 'remove', 'id' => $this->block($this->template, 'gallery')]);
        $this->get('/p/teal-tide-bottled-ink')->assertSee('data-gallery', false);
    }

    public function test_it_says_exactly_which_pages_move_from_which_template_to_which(): void
    {
        $this->appearOnBottled();
        $impact = $this->getJson("$this->address/impact")->assertOk();

        self::assertSame([17, 92, 0], [$impact->json('moved'), $impact->json('stays'), $impact->json('look')]);
        self::assertCount(1, $impact->json('moves'));
        self::assertSame(
            ['Everything else', 'Bottled inks', 17],
            [$impact->json('moves.0.fromName'), $impact->json('moves.0.toName'), $impact->json('moves.0.count')],
        );
        self::assertCount(5, $impact->json('moves.0.pages'));

        $from = $impact->json('moves.0.from');
        $group = $this->getJson("$this->address/impact/group?from=$from&to={$this->template->id}");
        self::assertSame(17, $group->json('count'));
        self::assertSame(
            DB::table('products as p')->where('published', true)->where('title', 'like', '%bottled ink%')
                ->whereRaw('brand_id <> ?', [$this->id('brands', 'Hallorme')])->orderBy('title_folded')
                ->pluck('id')
                ->all(),
            array_column($group->json('pages'), 'id'),
        );
    }

    public function test_a_second_publish_is_a_new_look_and_moves_nothing(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $this->edit($this->template, ['edit' => 'remove', 'id' => $this->block($this->template, 'gallery')]);
        $impact = $this->getJson("$this->address/impact");

        self::assertSame([0, 17, 92], [$impact->json('moved'), $impact->json('look'), $impact->json('stays')]);
    }

    public function test_a_closer_template_takes_some_of_them(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $shimmer = $this->template('Shimmer');
        $this->edit($shimmer, $this->reach([['category', 'isIn', [$this->id('categories', 'Shimmer inks')]]]));
        $impact = $this->getJson("/studio/templates/$shimmer->id/impact")->json('moves');

        self::assertSame(
            [['Bottled inks', 4], ['Everything else', 2]],
            array_map(static fn (array $move): array => [$move['fromName'], $move['count']], $impact),
        );
    }

    public function test_publishing_is_a_release_with_author_note_and_impact(): void
    {
        $this->appearOnBottled();
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->template->id => $this->template->draft_revision], 'note' => 'For the inks'],
        )
            ->assertCreated()
            ->assertJsonPath('impact.moved', 17);

        $release = Release::query()->firstOrFail();
        self::assertSame(
            ['For the inks', $this->owner->id, 17],
            [$release->note, $release->author_id, $release->impact['moved']],
        );
        self::assertNull($release->change_set->toArray()[0]['before']);
        $this->get('/studio/releases')->assertOk()->assertSee('For the inks');
    }

    public function test_a_draft_that_changed_since_it_was_looked_at_is_not_published(): void
    {
        $this->appearOnBottled();
        $revision = $this->template->draft_revision;
        $this->edit($this->template, ['edit' => 'remove', 'id' => $this->block($this->template, 'gallery')]);

        $this->postJson('/studio/publish', ['revisions' => [$this->template->id => $revision]])->assertStatus(409)
            ->assertJsonPath(
                'message',
                '“Bottled inks” was changed after you looked at what publishing would do. Nothing was published; '
                    .'look again and publish then.',
            );
        self::assertFalse($this->template->refresh()->isLive());
    }

    public function test_publishing_twice_at_once_makes_one_release(): void
    {
        $this->appearOnBottled();
        $body = ['revisions' => [$this->template->id => $this->template->draft_revision]];
        $this->postJson('/studio/publish', $body)->assertCreated();
        $this->postJson('/studio/publish', $body)
            ->assertStatus(409)
            ->assertJsonPath('message', 'Draft and live are the same. There is nothing to publish.');

        self::assertSame(1, Release::query()->count());
    }

    public function test_a_first_release_taken_back_takes_the_template_off_and_leaves_the_draft_alone(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $draft = $this->template->draft_tree;
        $this->postJson('/studio/releases/1/bring-back')->assertCreated()
            ->assertJsonPath('words', '“Bottled inks” taken off')
            ->assertJsonPath('impact.moved', 17);

        $this->template->refresh();
        self::assertFalse($this->template->isLive());
        self::assertSame($draft, $this->template->draft_tree);
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee($this->block($this->template, 'title'));
    }

    public function test_taking_back_the_taking_back_is_as_published(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $live = $this->template->live_tree;
        $this->postJson('/studio/releases/1/bring-back');
        $this->postJson('/studio/releases/2/bring-back')->assertCreated();

        self::assertSame($live, $this->template->refresh()->live_tree);
        self::assertSame([null, 1, 2], Release::query()->oldest('id')->pluck('brings_back_id')->all());
    }

    public function test_a_later_release_of_the_same_template_is_named(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $this->edit($this->template, ['edit' => 'remove', 'id' => $this->block($this->template, 'gallery')]);
        $this->publish($this->template);

        $this->get('/studio/releases')->assertSee('"later":[2]', false);
    }

    public function test_a_release_whose_template_was_deleted_cannot_be_brought_back(): void
    {
        $this->appearOnBottled();
        $this->publish($this->template);
        $this->template->delete();

        $this->postJson('/studio/releases/1/bring-back')->assertStatus(409)
            ->assertJsonPath('message', 'The template “Bottled inks” is not there any more. Nothing was changed.');
    }

    public function test_the_fallback_stays_live(): void
    {
        $this->publishFallbackFirst();
        $this->postJson('/studio/releases/1/bring-back')->assertStatus(409);

        self::assertTrue(Template::query()->findOrFail(1)->isLive());
    }

    public function test_an_unknown_release_is_not_found(): void
    {
        $this->postJson('/studio/releases/99/bring-back')->assertNotFound();
    }

    private function appearOnBottled(): void
    {
        $this->edit($this->template, $this->reach(
            [['category', 'isIn', [$this->id('categories', 'Bottled inks')]]],
            [['brand', 'isOneOf', [$this->id('brands', 'Hallorme')]]],
        ));
    }

    private function publishFallbackFirst(): void
    {
        DB::table('releases')->insert([
            'author_id' => $this->owner->id, 'at' => now(), 'state' => 'done', 'impact' => '{}',
            'change_set' => json_encode([[
                'change' => 'template', 'template' => 1, 'name' => 'Everything else', 'before' => null, 'after' => null,
            ]]),
        ]);
    }
}
