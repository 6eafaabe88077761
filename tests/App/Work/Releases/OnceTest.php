<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** What was sent several times is done once, and several things that belong together are one release. */
final class OnceTest extends TestCase
{
    private Template $template;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->template = $this->template();
        $this->edit($this->template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
    }

    public function test_the_same_publish_and_the_same_taking_back_sent_six_times_are_one_release_each(): void
    {
        $publish = ['revisions' => [$this->template->id => $this->template->draft_revision], 'key' => 'one-try'];
        $made = array_map(
            fn (): mixed => $this->postJson('/studio/publish', $publish)->assertCreated()->json('id'),
            range(1, 6),
        );
        self::assertSame([1], array_values(array_unique($made)));
        $back = array_map(
            fn (): mixed =>
                $this->postJson('/studio/releases/1/bring-back', ['key' => 'another'])->assertCreated()->json('id'),
            range(1, 6),
        );
        self::assertSame([2], array_values(array_unique($back)));
        self::assertSame(2, DB::table('releases')->count());
    }

    public function test_without_a_key_what_is_so_already_makes_no_release(): void
    {
        $this->publish($this->template);
        $this->postJson('/studio/releases/1/bring-back')->assertCreated();
        foreach (range(1, 5) as $time) {
            $this->postJson('/studio/releases/1/bring-back')
                ->assertConflict()
                ->assertJsonPath('message', 'The shop is so already. Nothing was changed.');
        }
        $this->postJson('/studio/releases/2/bring-back')->assertCreated();
        $this->postJson('/studio/releases/1/bring-back')->assertCreated();
        self::assertSame(4, DB::table('releases')->count(), 'There and back again is done each time.');
        $order = DB::table('templates')->where('page_kind', 'product')->orderBy('hand_order')->pluck('id')->all();
        $this->postJson('/studio/templates/order', ['order' => $order])->assertConflict();
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 1, 'template' => null])
            ->assertConflict();
    }

    public function test_a_key_is_that_of_one_author(): void
    {
        $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->template->id => $this->template->draft_revision], 'key' => 'k'],
        )->assertCreated();
        $other = \Vestibra\App\Records\Models\User::query()->create([
            'name' => 'Ada', 'email' => 'ada@larkfold.example', 'password' => 'ink-on-paper', 'role' => 'owner',
        ]);
        $this->actingAs($other)->postJson('/studio/releases/1/bring-back', ['key' => 'k'])
            ->assertCreated()
            ->assertJsonPath('id', 2);
    }

    public function test_a_template_and_the_house_style_go_in_one_step_and_come_back_in_one(): void
    {
        $house = (int) DB::table('house_styles')->where('in_use', true)->value('id');
        self::assertSame([null], [$this->impact()['house']]);
        $this->patchJson("/studio/house-style/$house", ['tokens' => ['colour-accent' => '#1f5b50'], 'seen' => []])
            ->assertOk();
        $look = $this->impact();
        self::assertSame([1, 0], [$look['house']['decisions'], $look['look']]);
        self::assertGreaterThan(100, $this->impact('?house=1')['look'], 'Every page gets a new look.');

        $publish = ['revisions' => [$this->template->id => $this->template->draft_revision]];
        $this->postJson('/studio/publish', $publish + ['house' => str_repeat('0', 40)])->assertConflict();
        $this->get('/')->assertDontSee('#1f5b50');
        $this->postJson('/studio/publish', $publish + ['house' => $look['house']['seen']])->assertCreated();
        self::assertSame(1, DB::table('releases')->count());
        $this->get('/')->assertSee('#1f5b50');
        $this->get('/p/teal-tide-bottled-ink')->assertSee($this->block($this->template, 'title'));

        $this->postJson('/studio/releases/1/bring-back')->assertCreated();
        $this->get('/')->assertDontSee('#1f5b50');
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee($this->block($this->template, 'title'));
    }

    /** @return array<string, mixed> */
    private function impact(string $query = ''): array
    {
        return (array) $this->getJson("/studio/templates/{$this->template->id}/impact$query")->assertOk()->json();
    }
}
