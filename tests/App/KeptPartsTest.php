<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use Illuminate\Support\Facades\DB;

/** Parts kept for other pages: copies without ids, checked like anything else that comes in. */
final class KeptPartsTest extends TestCase
{
    public function test_a_part_is_kept_with_its_style_and_without_its_ids(): void
    {
        $this->actingAs($this->owner);
        $node = ['id' => 'b1', 'kind' => 'band', 'how' => ['desktop' => ['paddingAbove' => 6]], 'children' => [['id' => 'c1', 'kind' => 'column', 'children' => [['id' => 'q1', 'kind' => 'quote', 'what' => ['text' => 'Kept.']]]]]];
        $parts = $this->postJson('/studio/parts', ['name' => 'Our promise', 'node' => $node])->assertCreated()->json('parts');
        self::assertSame(['Our promise', 'band'], [$parts[0]['name'], $parts[0]['kind']]);
        self::assertStringNotContainsString('"id"', json_encode($parts[0]['node'], JSON_THROW_ON_ERROR));
        $template = $this->template();
        $this->get("/studio/templates/$template->id")->assertOk()->assertSee('Our promise');
        foreach ([1, 2] as $_) {
            $this->edit($template, ['edit' => 'insert', 'parent' => $template->draft_tree['page']['id'], 'after' => null, 'node' => $parts[0]['node']]);
        }
        self::assertSame(2, substr_count(json_encode($template->draft_tree, JSON_THROW_ON_ERROR), 'Kept.'));
        $this->deleteJson("/studio/parts/{$parts[0]['id']}")->assertOk()->assertJsonPath('parts', []);
    }

    public function test_what_is_malformed_is_refused_and_what_is_unknown_by_now_is_left_out(): void
    {
        $this->actingAs($this->owner);
        foreach ([['kind' => 'nothing'], ['kind' => 'text', 'what' => ['secret' => 1]], ['kind' => 'column', 'children' => [['kind' => 'band']]]] as $node) {
            $this->postJson('/studio/parts', ['name' => 'X', 'node' => $node])->assertStatus(422);
        }
        $this->postJson('/studio/parts', ['name' => '', 'node' => ['kind' => 'text']])->assertStatus(422)->assertJsonPath('message', 'Give the part a name, so that you find it again.');
        DB::table('kept_parts')->insert(['name' => 'Old', 'kind' => 'gone', 'node' => '{"kind":"gone"}', 'user_id' => $this->owner->id, 'made_at' => now()]);
        $template = $this->template();
        $this->get("/studio/templates/$template->id")->assertOk()->assertDontSee('"name":"Old"', false);
    }

    public function test_there_is_a_most(): void
    {
        $this->actingAs($this->owner);
        DB::table('kept_parts')->insert(array_fill(0, 100, ['name' => 'P', 'kind' => 'text', 'node' => '{"kind":"text"}', 'user_id' => $this->owner->id, 'made_at' => now()]));
        $this->postJson('/studio/parts', ['name' => 'One more', 'node' => ['kind' => 'text']])->assertStatus(422)->assertJsonPath('message', 'A shop can keep 100 parts at most. Let go of one that is not used; nothing was changed.');
    }
}
