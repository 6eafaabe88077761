<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Parts kept for other pages: placed as copies, or as shared, which change everywhere at once. */
final class KeptPartsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_part_is_kept_with_its_style_and_its_copies_have_no_ids(): void
    {
        $parts = $this->keep(self::band('Kept.', ['paddingAbove' => 6]))->json('parts');
        self::assertSame(
            [['Our promise', true, 'band']],
            array_map(static fn (array $part): array => [$part['name'], $part['bands'], $part['kind']], $parts),
            'The shelf is told names and drawings, no trees.',
        );
        self::assertArrayNotHasKey('nodes', $parts[0]);
        $nodes = $this->getJson("/studio/parts/{$parts[0]['id']}/nodes")->assertOk()->json('nodes');
        self::assertSame(6, $nodes[0]['how']['desktop']['paddingAbove']);
        self::assertStringNotContainsString('"id"', json_encode($nodes, JSON_THROW_ON_ERROR));
        $template = $this->template();
        $this->get("/studio/templates/$template->id")->assertOk()->assertSee('Our promise');
        foreach ([1, 2] as $_) {
            $this->insert($template, $nodes[0]);
        }
        self::assertSame(2, substr_count(json_encode($template->draft_tree, JSON_THROW_ON_ERROR), 'Kept.'));
        $this->deleteJson("/studio/parts/{$parts[0]['id']}")->assertOk()->assertJsonPath('parts', []);
        self::assertSame(2, substr_count(json_encode($template->refresh()->draft_tree, JSON_THROW_ON_ERROR), 'Kept.'));
    }

    public function test_what_is_malformed_or_cannot_stand_alone_is_refused(): void
    {
        foreach ([['kind' => 'nothing'], ['kind' => 'text', 'what' => ['secret' => 1]], [
            'kind' => 'column',
            'children' => [['kind' => 'band']],
        ]] as $node) {
            $this->keep($node)->assertStatus(422);
        }
        foreach (['column', 'tab', 'fold'] as $kind) {
            $this->keep(['kind' => $kind])
                ->assertStatus(422)
                ->assertJsonPath('message', 'Columns, tabs and folds cannot be kept alone. Keep what holds them.');
        }
        $this->postJson('/studio/parts', ['name' => '', 'node' => ['kind' => 'text']])
            ->assertStatus(422)
            ->assertJsonPath('message', 'Give the part a name, so that you find it again.');
        self::assertSame(0, DB::table('templates')->where('role', 'part')->count());
    }

    public function test_a_part_that_cannot_be_read_any_more_keeps_no_drawing_table_and_no_page_from_opening(): void
    {
        $part = $this->part(self::band('Kept.'));
        $template = $this->shared($part);
        $this->publish($template);
        DB::table('templates')
            ->where('id', $part)
            ->update(['live_tree' => '{"format":1,"page":{"id":"p","kind":"gone"}}']);
        $this->get("/studio/templates/$template->id")->assertOk()->assertDontSee('"name":"Our promise"', false);
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee('Kept.');
    }

    public function test_there_is_a_most(): void
    {
        $row = [
            'page_kind' => '',
            'role' => 'part',
            'name' => 'P',
            'draft_tree' => '{"format":1,"page":{"id":"p","kind":"stage"}}',
            'draft_reach' => '{}',
            'changed_at' => now(),
        ];
        DB::table('templates')
            ->insert(array_map(static fn (int $order): array => $row + ['hand_order' => $order], range(1, 100)));
        $this->keep(['kind' => 'text'])->assertStatus(422)->assertJsonPath(
            'message',
            'A shop can keep 100 parts at most. Let go of one that is not used; nothing was changed.',
        );
    }

    public function test_a_shared_part_changes_on_every_page_once_it_is_published_and_not_before(): void
    {
        $part = $this->part(self::band('First words.'));
        $this->publish($this->shared($part));
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertSee('First words.');
        $draft = Template::query()->findOrFail($part);
        $this->edit($draft, [
            'edit' => 'set',
            'id' => $this->block($draft, 'text'),
            'question' => 'what',
            'setting' => 'text',
            'value' => 'Second words.',
            'width' => 'desktop',
        ]);
        $this->get('/p/teal-tide-bottled-ink')->assertSee('First words.')->assertDontSee('Second words.');
        $this->publish($draft);
        $this->get('/p/teal-tide-bottled-ink')->assertSee('Second words.')->assertDontSee('First words.');
        $release = DB::table('releases')->max('id');
        $this->postJson("/studio/releases/$release/bring-back")->assertCreated();
        $this->get('/p/teal-tide-bottled-ink')->assertSee('First words.');
    }

    public function test_publishing_a_part_says_which_pages_get_a_new_look(): void
    {
        $part = $this->part(self::band('First words.'));
        $template = $this->shared($part);
        $this->publish($template);
        $draft = Template::query()->findOrFail($part);
        $this->edit($draft, ['edit' => 'remove', 'id' => $this->block($draft, 'text')]);
        $covered = DB::table('category_product')->join('categories', 'categories.id', 'category_id')
            ->where('name', 'Bottled inks')
            ->join('products', 'products.id', 'product_id')
            ->where('published', true)
            ->count();
        $impact = $this->getJson("/studio/templates/$part/impact")->assertOk()
            ->assertJsonPath('moved', 0)
            ->assertJsonPath('concerns', [])
            ->json();
        self::assertSame([$template->id, $template->id], [$impact['newLook'][0]['from'], $impact['newLook'][0]['to']]);
        self::assertGreaterThanOrEqual($covered, $impact['look']);
        self::assertGreaterThan(0, $impact['stays']);
        $group = $this->getJson("/studio/templates/$part/impact/group?from=$template->id&to=$template->id")
            ->assertOk()
            ->json('count');
        self::assertSame($impact['look'], $group);
        $pens = $this->template('Pens');
        $this->edit($pens, $this->reach([['category', 'isIn', [$this->id('categories', 'Pens')]]]));
        $this->publish($pens);
        $this->insert($pens, ['id' => 'later', 'kind' => 'shared-band', 'what' => ['part' => $part]]);
        $this->getJson("/studio/templates/$part/impact")->assertOk()->assertJsonPath('look', $impact['look']);
        $unused = $this->part(self::band('Nowhere.'), 'Nowhere');
        $this->edit(
            $nowhere = Template::query()->findOrFail($unused),
            ['edit' => 'remove', 'id' => $this->block($nowhere, 'text')],
        );
        $this->getJson("/studio/templates/$unused/impact")->assertOk()->assertJsonPath('look', 0);
    }

    public function test_a_part_that_stands_somewhere_stays_and_says_where(): void
    {
        $part = $this->part(self::band('Kept.'));
        $template = $this->shared($part);
        $this->deleteJson("/studio/parts/$part")->assertStatus(409)->assertJsonPath(
            'message',
            'It is shared by “Bottled inks”. Take it out there first, or make it a copy there; nothing was changed.',
        );
        $this->get('/studio/templates')->assertOk()->assertSee('"places":[{"id":'.$template->id, false);
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'shared-band')]);
        $this->deleteJson("/studio/parts/$part")->assertOk();
        $this->get("/studio/templates/$part")->assertNotFound();
        $this->get('/studio/today')->assertOk()->assertDontSee('Our promise');
        $this->postJson("/studio/parts/$part/back")->assertOk()
            ->assertJsonPath('parts.0.name', 'Our promise')
            ->assertJsonPath('overview.0.id', $part);
        $this->deleteJson("/studio/parts/$part")->assertOk()->assertJsonPath('parts', []);
        $this->travel(31)->days();
        $this->part(self::band('Another.'));
        self::assertNull(Template::query()->find($part));
    }

    public function test_a_part_stays_while_a_release_that_waits_shares_it(): void
    {
        $part = $this->part(self::band('Kept.'));
        $template = $this->shared($part);
        $this->postJson('/studio/publish', [
            'revisions' => [$template->id => $template->draft_revision],
            'due' => now()->addDay()->format('Y-m-d H:i'),
        ])->assertCreated();
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'shared-band')]);
        $this->deleteJson("/studio/parts/$part")->assertStatus(409);
    }

    public function test_a_part_holds_no_shared_part_and_has_no_rules(): void
    {
        $part = $this->part(self::band('Kept.'));
        $this->keep(['kind' => 'shared', 'what' => ['part' => $part]])->assertStatus(422);
        $draft = Template::query()->findOrFail($part);
        $insert = [
            'edit' => 'insert',
            'parent' => $this->block($draft, 'column'),
            'after' => null,
            'node' => ['id' => 'again', 'kind' => 'shared', 'what' => ['part' => $part]],
        ];
        $this->postJson("/studio/templates/$part/edits", ['edits' => [$insert]])->assertStatus(422)
            ->assertJsonPath(
                'message',
                'A shared part cannot stand in another part. Place it as a copy there, or beside it. Nothing was '
                    .'changed.',
            );
        $this->postJson(
            "/studio/templates/$part/edits",
            ['edits' => [$this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]])]],
        )->assertStatus(422);
        self::assertSame(1, $draft->refresh()->draft_revision);
    }

    public function test_parts_are_no_templates_of_pages(): void
    {
        $part = $this->part(self::band('Kept.'));
        $this->get('/studio/templates')->assertOk()->assertDontSee('"role":"part"', false);
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 1, 'template' => $part])
            ->assertStatus(409);
        foreach (['take-off', 'fallback', 'links', 'fitting', 'reach'] as $deed) {
            $this->postJson("/studio/templates/$part/$deed", ['days' => 1])->assertNotFound();
        }
        $this->postJson('/studio/templates', ['name' => 'Copy', 'copyOf' => $part])->assertNotFound();
        self::assertTrue(Template::query()->findOrFail($part)->isLive());
        $this->get("/studio/templates/$part")->assertOk()->assertSee('"role":"part"', false);
        $this->get("/studio/templates/$part/canvas/1")->assertOk()->assertSee('Kept.');
    }

    public function test_a_part_of_blocks_stands_in_a_column_and_the_same_one_twice_prints_no_id_twice(): void
    {
        $part = $this->part([
            'kind' => 'tabs',
            'children' => [[
                'kind' => 'tab',
                'what' => ['title' => 'Care'],
                'children' => [['kind' => 'text', 'what' => ['text' => 'Rinse it.']]],
            ]],
        ]);
        $template = $this->template();
        foreach (['one', 'two'] as $id) {
            $this->edit($template, [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['id' => $id, 'kind' => 'shared', 'what' => ['part' => $part]],
            ]);
        }
        $html = (string) $this->get("/studio/templates/$template->id/canvas/1")->assertOk()->getContent();
        preg_match_all('/ id="([^"]+)"/', $html, $ids);
        self::assertSame(2, substr_count($html, 'Rinse it.'));
        self::assertSame(array_unique($ids[1]), $ids[1]);
    }

    /**
     * @param  array<string, int>  $style
     * @return array<string, mixed>
     */
    private static function band(string $words, array $style = ['paddingAbove' => 5]): array
    {
        return [
            'kind' => 'band',
            'how' => ['desktop' => $style],
            'children' => [['kind' => 'column', 'children' => [['kind' => 'text', 'what' => ['text' => $words]]]]],
        ];
    }

    /** @param  array<string, mixed>  $node */
    private function keep(array $node, string $name = 'Our promise'): TestResponse
    {
        return $this->postJson('/studio/parts', ['name' => $name, 'node' => $node]);
    }

    /** @param  array<string, mixed>  $node */
    private function part(array $node, string $name = 'Our promise'): int
    {
        return (int) $this->keep($node, $name)->assertCreated()->json('id');
    }

    /** A template for bottled inks that shares a part. */
    private function shared(int $part): Template
    {
        $template = $this->template();
        $this->insert($template, ['id' => 'shared1', 'kind' => 'shared-band', 'what' => ['part' => $part]]);
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));

        return $template;
    }

    /** @param  array<string, mixed>  $node */
    private function insert(Template $template, array $node): void
    {
        $this->edit(
            $template,
            ['edit' => 'insert', 'parent' => $template->draft_tree['page']['id'], 'after' => null, 'node' => $node],
        );
    }
}
