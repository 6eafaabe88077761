<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Drafting;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\StepLog;
use Vestibra\Tests\App\TestCase;

/** Two people, two windows, lost answers: nobody's work is lost, and nothing is done twice. */
final class ConflictsTest extends TestCase
{
    private Template $template;

    private User $other;

    private string $price = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->template = $this->template();
        $this->other = User::query()->create(
            ['name' => 'Vi', 'email' => 'vi@larkfold.example', 'password' => 'ink-on-paper', 'role' => User::OWNER],
        );
        $this->price = $this->block($this->template, 'price');
    }

    public function test_two_people_may_style_the_same_block(): void
    {
        $this->send($this->owner, [$this->set('size', 40)])->assertOk();
        $this->send($this->other, [$this->set('colour', 'sale')], base: 1)->assertOk();
        $this->send($this->other, [$this->set('size', 30, 'phone')], base: 1)->assertOk();

        self::assertSame(
            ['desktop' => ['now.colour' => 'sale', 'now.size' => 40], 'phone' => ['now.size' => 30]],
            $this->how(),
        );
    }

    public function test_the_same_setting_twice_tells_the_second_keeps_the_first_and_can_be_decided(): void
    {
        $this->send($this->owner, [$this->set('size', 40)])->assertOk();
        $this->send($this->other, [$this->set('size', 30)], base: 1)->assertStatus(409)
            ->assertJsonPath('conflict', 'conflict.same-setting')
            ->assertJsonPath(
                'message',
                'Robin set this to something else meanwhile. Theirs is kept; yours is still here.',
            )
            ->assertJsonPath('state.revision', 2);
        self::assertSame(['desktop' => ['now.size' => 40]], $this->how());
        $this->send($this->other, [$this->set('size', 30)], base: 1, more: ['knowingly' => true])->assertOk();
        self::assertSame(['desktop' => ['now.size' => 30]], $this->how());
    }

    public function test_the_same_person_in_two_windows_is_told_too_and_the_same_value_is_no_conflict(): void
    {
        $this->send($this->owner, [$this->set('size', 40)], window: 'one')->assertOk();
        $this->send($this->owner, [$this->set('size', 40)], base: 1, window: 'two')->assertOk();
        $this->send($this->owner, [$this->set('size', 41)], base: 1, window: 'two')->assertStatus(409);
        $this->send($this->owner, [$this->set('size', 41)], base: 1, window: 'one')->assertOk();
    }

    public function test_removing_what_holds_somebodys_newer_work_is_a_conflict_and_keeps_it(): void
    {
        $column = $this->parentOf($this->price);
        $this->send($this->owner, [$this->set('size', 40)])->assertOk();
        $this->send($this->other, [['edit' => 'remove', 'id' => $column]], base: 1)
            ->assertStatus(409)
            ->assertJsonPath('conflict', 'conflict.removes-newer');
        self::assertSame(['desktop' => ['now.size' => 40]], $this->how());
    }

    public function test_moving_the_same_block_twice_and_two_rules_are_conflicts(): void
    {
        $title = $this->block($this->template, 'title');
        $column = $this->parentOf($title);
        $this->send($this->owner, [['edit' => 'move', 'id' => $title, 'parent' => $column, 'after' => $this->price]])
            ->assertOk();
        $this->send(
            $this->other,
            [['edit' => 'move', 'id' => $title, 'parent' => $this->block($this->template, 'column'), 'after' => null]],
            base: 1,
        )
            ->assertStatus(409)->assertJsonPath('conflict', 'conflict.same-place');
        $this->send($this->owner, [$this->reach([['sale', 'isOn', []]])])->assertOk();
        $this->send($this->other, [$this->reach([['sale', 'isOff', []]])], base: 1)
            ->assertStatus(409)
            ->assertJsonPath('conflict', 'conflict.reach');
    }

    public function test_undo_takes_back_ones_own_work_on_todays_tree(): void
    {
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('colour', 'sale')]);
        $this->actingAs($this->owner)->postJson($this->address('undo'))->assertOk();

        self::assertSame(['desktop' => ['now.colour' => 'sale']], $this->how());
    }

    public function test_undo_does_not_take_away_what_somebody_else_has_set_since_unless_decided(): void
    {
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('size', 50)]);
        $this->actingAs($this->owner)->postJson($this->address('undo'))
            ->assertStatus(409)
            ->assertJsonPath('conflict', 'conflict.same-setting');
        self::assertSame(['desktop' => ['now.size' => 50]], $this->how());
        $this->actingAs($this->owner)->postJson($this->address('undo'), ['knowingly' => true])->assertOk();
        self::assertNull($this->how());
    }

    public function test_undo_finds_the_nearest_surviving_place_when_a_neighbour_was_taken_out(): void
    {
        $column = $this->parentOf($this->price);
        $before = $this->childrenOf($column);
        $at = (int) array_search($this->price, $before, true);
        $this->send($this->owner, [['edit' => 'remove', 'id' => $this->price]])->assertOk();
        $this->send($this->other, [['edit' => 'remove', 'id' => $before[$at - 1]]])->assertOk();
        $this->actingAs($this->owner)->postJson($this->address('undo'))->assertOk();
        $this->actingAs($this->other)->postJson($this->address('undo'))->assertOk();

        self::assertSame($before, $this->childrenOf($column));
    }

    public function test_an_impossible_undo_is_said_passed_over_and_the_step_before_is_offered(): void
    {
        $title = $this->block($this->template, 'title');
        $this->send($this->owner, [[
            'edit' => 'set', 'id' => $title, 'question' => 'how', 'setting' => 'size', 'value' => 50,
            'width' => 'desktop',
        ]])->assertOk();
        $this->send($this->owner, [$this->set('size', 40)])->assertOk();
        $this->send($this->other, [['edit' => 'remove', 'id' => $this->price]])->assertOk();
        $said = $this->actingAs($this->owner)->postJson($this->address('undo'))
            ->assertStatus(409)
            ->assertJsonPath('problems.0.code', 'undo.passed-over');
        self::assertStringStartsWith('“Price: now, size” cannot be taken back any more', $said->json('message'));
        self::assertSame('Title: size', $said->json('state.undo'));
        $this->postJson($this->address('undo'))->assertOk()->assertJsonPath('undo', null);
    }

    public function test_what_is_left_of_a_step_is_taken_back_and_the_answer_says_that_some_is_not(): void
    {
        $title = $this->block($this->template, 'title');
        $this->send($this->owner, [$this->set('size', 40), [
            'edit' => 'set', 'id' => $title, 'question' => 'how', 'setting' => 'size', 'value' => 50,
            'width' => 'desktop',
        ]])->assertOk();
        $this->send($this->other, [['edit' => 'remove', 'id' => $this->price]])->assertOk();
        $notice = $this->actingAs($this->owner)->postJson($this->address('undo'))->assertOk()->json('notice');
        self::assertStringContainsString('only in part', $notice);
    }

    public function test_a_step_that_would_take_away_somebody_elses_can_be_left_as_it_is_for_the_one_before(): void
    {
        $title = $this->block($this->template, 'title');
        $this->send($this->owner, [[
            'edit' => 'set', 'id' => $title, 'question' => 'how', 'setting' => 'size', 'value' => 50,
            'width' => 'desktop',
        ]]);
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('size', 50)]);
        $this->actingAs($this->owner)->postJson($this->address('undo'))->assertStatus(409);
        $this->postJson($this->address('undo'), ['passOver' => true])->assertOk()->assertJsonPath('undo', null);
        self::assertSame(['desktop' => ['now.size' => 50]], $this->how());
    }

    public function test_what_was_passed_over_is_listed_with_what_it_would_take_and_can_be_taken_after_all(): void
    {
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('size', 50)]);
        $this->actingAs($this->owner)->postJson($this->address('undo'), ['passOver' => true])->assertStatus(422)
            ->assertJsonPath('state.passedOver', 1)
            ->assertJsonPath('problems.0.code', 'edit.nothing-to-undo');
        $step = $this->getJson($this->address('passed-over'))->assertOk()->json('steps');
        self::assertSame(
            [[
                'Price: now, size', true, true,
                'Vi has set this to something else since; that would be taken away.',
            ]],
            array_map(
                static fn (array $one): array => [$one['words'], $one['undoes'], $one['can'], $one['why']],
                $step,
            ),
        );
        $this->postJson($this->address('after-all'), ['step' => $step[0]['id'], 'key' => 'after'])->assertOk()
            ->assertJsonPath('passedOver', 0)
            ->assertJsonPath('redo', 'Price: now, size');
        self::assertNull($this->how());
        $this->postJson($this->address('after-all'), ['step' => $step[0]['id'], 'key' => 'after'])->assertOk();
        $this->postJson($this->address('after-all'), ['step' => $step[0]['id'], 'key' => 'other'])->assertStatus(422);
        $this->postJson($this->address('redo'), ['knowingly' => true])->assertOk();
        self::assertSame(['desktop' => ['now.size' => 50]], $this->how());
    }

    public function test_nobody_sees_or_takes_what_was_passed_over_for_somebody_else(): void
    {
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('size', 50)]);
        $this->actingAs($this->owner)->postJson($this->address('undo'), ['passOver' => true]);
        $step = $this->getJson($this->address('passed-over'))->json('steps.0.id');

        $this->actingAs($this->other)->getJson($this->address('passed-over'))->assertJsonPath('steps', []);
        $this->postJson($this->address('after-all'), ['step' => $step])->assertStatus(422);
        self::assertSame(['desktop' => ['now.size' => 50]], $this->how());
    }

    public function test_what_was_passed_over_comes_in_pages_newest_first(): void
    {
        for ($size = 1; $size <= 23; $size++) {
            $this->send($this->owner, [$this->set('size', 30 + $size)]);
        }
        $this->send($this->other, [$this->set('size', 80)]);
        $this->actingAs($this->owner);
        for ($times = 1; $times <= 23; $times++) {
            $this->postJson($this->address('undo'), ['passOver' => true]);
        }
        $first = $this->getJson($this->address('passed-over'))->json();
        $second = $this->getJson($this->address('passed-over').'?before='.$first['steps'][19]['id'])->json();

        self::assertSame([20, true, 3, false], [
            count($first['steps']), $first['more'], count($second['steps']), $second['more'],
        ]);
        $ids = array_column([...$first['steps'], ...$second['steps']], 'id');
        self::assertSame(DraftStep::query()->where('passed_over', true)->latest('id')->pluck('id')->all(), $ids);
    }

    public function test_a_place_named_on_an_older_revision_is_found_where_it_was(): void
    {
        $column = $this->parentOf($this->price);
        $before = $this->childrenOf($column);
        $at = (int) array_search($this->price, $before, true);
        $this->send($this->owner, [['edit' => 'remove', 'id' => $this->price]])->assertOk();
        $this->send($this->other, [[
            'edit' => 'insert', 'node' => ['id' => 'late', 'kind' => 'rating'], 'parent' => $column,
            'after' => $this->price,
        ]], base: 1)->assertOk();

        self::assertSame(
            array_values([...array_slice($before, 0, $at), 'late', ...array_slice($before, $at + 1)]),
            $this->childrenOf($column),
        );
    }

    public function test_taking_out_what_somebody_has_taken_out_already_is_done(): void
    {
        $this->send($this->owner, [['edit' => 'remove', 'id' => $this->price]])->assertOk();
        $this->send($this->other, [['edit' => 'remove', 'id' => $this->price]], base: 1)->assertOk()
            ->assertJsonPath('revision', 2);
    }

    public function test_a_slide_that_somebody_came_between_is_two_steps_and_the_log_tells_what_happened(): void
    {
        $this->send($this->owner, [$this->set('size', 40)], more: ['gesture' => 'slide'])->assertOk();
        $this->send($this->other, [$this->set('size', 50)])->assertOk();
        $this->send($this->owner, [$this->set('size', 41)], more: ['gesture' => 'slide'])->assertOk();
        $this->send($this->owner, [$this->set('size', 42)], more: ['gesture' => 'slide'])->assertOk();

        self::assertSame(
            [40, 50, 42],
            DraftStep::query()->oldest('id')->get()->map(static fn (DraftStep $step): mixed => $step->edits[0]['value'])
                ->all(),
        );
    }

    public function test_what_somebody_set_and_took_back_again_stands_in_nobodys_way(): void
    {
        $this->send($this->owner, [$this->set('size', 40)]);
        $this->send($this->other, [$this->set('size', 50)]);
        $this->actingAs($this->other)->postJson($this->address('undo'))->assertOk();
        $this->actingAs($this->owner)->postJson($this->address('undo'))->assertOk();
        self::assertNull($this->how());
    }

    public function test_a_step_whose_answer_was_lost_is_done_once_however_often_it_is_sent(): void
    {
        $insert = [
            'edit' => 'insert',
            'parent' => $this->parentOf($this->price),
            'after' => null,
            'node' => ['id' => 'again', 'kind' => 'rating'],
        ];
        $this->send($this->owner, [$insert], more: ['key' => 'k1'])->assertOk()->assertJsonPath('revision', 2);
        $this->send($this->owner, [$insert], more: ['key' => 'k1'])->assertOk()->assertJsonPath('revision', 2);
        $this->postJson($this->address('undo'), ['key' => 'k2'])->assertOk();
        $this->postJson($this->address('undo'), ['key' => 'k2'])->assertOk()->assertJsonPath('revision', 3);

        self::assertSame(2, DraftStep::query()->count());
    }

    public function test_work_is_never_taken_under_another_name(): void
    {
        $this->send($this->other, [$this->set('size', 40)], more: ['author' => $this->owner->id])
            ->assertStatus(409)
            ->assertJsonPath('otherAuthor', true);
        foreach (['undo', 'redo', 'throw-away', 'start'] as $what) {
            $this->postJson($this->address($what), ['author' => $this->owner->id])
                ->assertStatus(409)
                ->assertJsonPath('otherAuthor', true);
        }
        self::assertSame(1, $this->template->refresh()->draft_revision);
        $this->send($this->other, [$this->set('size', 40)], more: ['author' => $this->other->id])->assertOk();
    }

    public function test_news_tell_what_others_have_done_and_who_is_here(): void
    {
        $this->actingAs($this->other)->getJson($this->address('news').'?revision=1&window=theirs')
            ->assertJsonPath('state', null)
            ->assertJsonPath('others', []);
        $this->send($this->other, [$this->set('size', 40)]);
        $this->actingAs($this->owner)->getJson($this->address('news').'?revision=1&window=mine')
            ->assertJsonPath('state.revision', 2)->assertJsonPath('others', ['Vi']);
        $this->actingAs($this->owner)
            ->getJson($this->address('news').'?revision=2&window=mine')
            ->assertJsonPath('state', null);
    }

    public function test_what_is_live_takes_the_place_of_the_draft_and_that_can_be_taken_back(): void
    {
        $this->actingAs($this->owner);
        $this->edit($this->template, $this->reach([['sale', 'isOn', []]]));
        $this->publish($this->template);
        $live = $this->template->live_tree;
        $this->edit($this->template, ['edit' => 'remove', 'id' => $this->price], $this->reach([['sale', 'isOff', []]]));
        $draft = $this->template->draft_tree;
        $words = array_column($this->getJson($this->address('differences'))->json('differences'), 'words');
        self::assertSame(['Price taken out', 'Where it appears changed'], $words);

        $this->postJson($this->address('throw-away'))->assertOk()->assertJsonPath('unpublished', 0);
        self::assertSame($live, $this->template->refresh()->draft_tree);
        $this->postJson($this->address('undo'))->assertOk();
        self::assertSame($draft, $this->template->refresh()->draft_tree);
    }

    public function test_steps_beyond_the_most_that_are_kept_are_folded_into_a_version(): void
    {
        $rows = [];
        for ($at = 1; $at <= StepLog::MOST + 5; $at++) {
            $rows[] = [
                'template_id' => $this->template->id,
                'user_id' => $this->owner->id,
                'revision' => 1,
                'origin' => 'done',
                'edits' => '[]',
                'inverses' => '[]',
                'words' => '',
                'made_at' => now(),
            ];
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('draft_steps')->insert($chunk);
        }
        DB::table('templates')->where('id', $this->template->id)->update(['draft_revision' => 999]);
        $this->send($this->owner, [$this->set('size', 40)], base: 999)->assertOk();

        self::assertSame(StepLog::MOST, DraftStep::query()->where('template_id', $this->template->id)->count());
        $version = DB::table('draft_versions')->where('template_id', $this->template->id)->first();
        self::assertSame(
            [1000, $this->template->refresh()->draft_tree],
            [$version?->revision, json_decode((string) $version?->tree, true)],
        );
        $this->postJson($this->address('undo'))->assertOk();
    }

    /**
     * @param  list<array<string, mixed>>  $edits
     * @param  array<string, mixed>  $more
     */
    private function send(
        User $user,
        array $edits,
        ?int $base = null,
        string $window = '',
        array $more = [],
    ): TestResponse {
        return $this->actingAs($user)->postJson($this->address('edits'), $more + [
            'edits' => $edits,
            'base' => $base ?? $this->template->refresh()->draft_revision,
            'window' => $window === '' ? "w$user->id" : $window,
        ]);
    }

    /** @return array<string, mixed> */
    private function set(string $setting, mixed $value, string $width = 'desktop'): array
    {
        return [
            'edit' => 'set',
            'id' => $this->price,
            'question' => 'how',
            'setting' => $setting,
            'value' => $value,
            'width' => $width,
        ];
    }

    /** @return array<string, mixed>|null the price's own styles */
    private function how(): ?array
    {
        $found = null;
        $walk = function (array $node) use (&$walk, &$found): void {
            if ($node['id'] === $this->price) {
                $found = $node['how'] ?? null;
            }
            array_map($walk, $node['children'] ?? []);
        };
        $walk($this->template->refresh()->draft_tree['page']);

        return $found;
    }

    /** @return list<string> */
    private function childrenOf(string $id): array
    {
        $children = [];
        $walk = static function (array $node) use (&$walk, &$children, $id): void {
            $children = $node['id'] === $id ? array_column($node['children'] ?? [], 'id') : $children;
            array_map($walk, $node['children'] ?? []);
        };
        $walk($this->template->refresh()->draft_tree['page']);

        return $children;
    }

    private function parentOf(string $id): string
    {
        $parent = '';
        $walk = static function (array $node) use (&$walk, &$parent, $id): void {
            foreach ($node['children'] ?? [] as $child) {
                if ($child['id'] === $id) {
                    $parent = $node['id'];
                }
                $walk($child);
            }
        };
        $walk($this->template->draft_tree['page']);

        return $parent;
    }

    private function address(string $what): string
    {
        return "/studio/templates/{$this->template->id}/$what";
    }
}
