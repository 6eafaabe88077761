<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Blocks that are laid out for one product alone, as a fact of it. */
final class OwnBlocksTest extends TestCase
{
    private int $fact;

    private int $teal;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->fact = $this->id('facts', 'Story');
        $this->teal = $this->id('products', 'Teal Tide bottled ink');
    }

    public function test_what_is_laid_out_for_one_product_stands_on_its_page_alone_once_it_is_published(): void
    {
        $this->showing();
        $content = $this->content('How it got its name');
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee('How it got its name');
        $this->publish($content);
        $this->get('/p/teal-tide-bottled-ink')->assertSee('How it got its name');
        $this->get('/p/mulled-plum-bottled-ink')->assertOk()->assertDontSee('How it got its name');
        self::assertSame([(string) $content->id], $this->filled());
    }

    public function test_in_a_holder_about_that_product_it_stands_on_the_pages_of_others_too(): void
    {
        $template = $this->showing();
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'beside', 'kind' => 'holder', 'what' => ['subject' => $this->teal], 'children' => [
                ['id' => 'held', 'kind' => 'own-blocks', 'what' => ['fact' => $this->fact]],
            ]],
        ]);
        $this->publish($template);
        $this->publish($this->content('How it got its name'));

        $this->get('/p/mulled-plum-bottled-ink')->assertOk()->assertSee('How it got its name');
    }

    public function test_publishing_it_gives_one_page_a_new_look_and_none_where_no_template_shows_it(): void
    {
        $content = $this->content('How it got its name');
        $this->getJson("/studio/templates/$content->id/impact")->assertOk()->assertJsonPath('look', 0);
        $template = $this->showing();
        $this->getJson("/studio/templates/$content->id/impact")->assertOk()
            ->assertJsonPath('moved', 0)
            ->assertJsonPath('look', 1)
            ->assertJsonPath('newLook.0.to', $template->id)->assertJsonPath('newLook.0.pages.0.id', $this->teal);
        $answer = $this
            ->postJson('/studio/publish', ['revisions' => [$content->id => $content->draft_revision], 'note' => ''])
            ->assertCreated()
            ->json();
        self::assertSame([$this->teal], array_column($answer['look']['changed'], 'id'));
        self::assertNotContains($this->teal, array_column($answer['look']['same'], 'id'));
    }

    public function test_brought_back_it_is_gone_from_the_page_and_the_fact_is_empty(): void
    {
        $this->showing();
        $content = $this->content('How it got its name');
        $this->publish($content);
        $this->postJson('/studio/releases/'.DB::table('releases')->max('id').'/bring-back')->assertCreated();
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee('How it got its name');
        self::assertSame([], $this->filled());
        self::assertSame('How it got its name', $content->refresh()->draft_tree['page']['children'][0]['what']['text']);
    }

    public function test_emptied_and_published_the_fact_is_empty_too(): void
    {
        $content = $this->content('How it got its name');
        $this->publish($content);
        $this->edit($content, ['edit' => 'remove', 'id' => 'story']);
        $this->publish($content);
        self::assertSame([], $this->filled());
    }

    public function test_it_opens_what_is_there_and_makes_it_only_once(): void
    {
        $first = $this->postJson("/studio/products/$this->teal/contents/$this->fact")->assertOk()->json('id');
        self::assertSame(
            $first,
            $this->postJson("/studio/products/$this->teal/contents/$this->fact")->assertOk()->json('id'),
        );
        $this->postJson("/studio/products/$this->teal/contents/{$this->id('facts', 'Care')}")->assertNotFound();
        $this->postJson("/studio/products/99999/contents/$this->fact")->assertNotFound();
        $this->get("/studio/templates/$first")->assertOk()
            ->assertSee('"total":1', false)
            ->assertSee('Story of Teal Tide bottled ink');
    }

    public function test_it_holds_neither_itself_nor_shared_parts(): void
    {
        $content = $this->content('How it got its name');
        $insert = fn (array $node): array => ['edits' => [[
            'edit' => 'insert',
            'parent' => $content->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'new1'] + $node,
        ]]];
        $this->postJson(
            "/studio/templates/$content->id/edits",
            $insert(['kind' => 'own-blocks', 'what' => ['fact' => $this->fact]]),
        )->assertStatus(422)
            ->assertJsonPath('message', 'A product’s own blocks cannot stand in themselves. Nothing was changed.');
        $this->postJson("/studio/templates/$content->id/edits", $insert(['kind' => 'shared', 'what' => ['part' => 1]]))
            ->assertStatus(422);
    }

    public function test_deleting_the_fact_takes_what_was_laid_out_with_it_and_says_first_where_it_is_used(): void
    {
        $template = $this->showing();
        $content = $this->content('How it got its name');
        self::assertSame(
            [$template->id],
            array_column($this->getJson("/studio/facts/$this->fact/uses")->assertOk()->json('templates'), 'id'),
        );
        $this->deleteJson("/studio/facts/$this->fact")->assertOk();
        self::assertNull(Template::query()->find($content->id));
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
    }

    public function test_a_page_asks_one_query_more_for_it_and_none_without(): void
    {
        $count = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/p/teal-tide-bottled-ink')->assertOk();

            return count(DB::getQueryLog());
        };
        $this->publish($this->content('How it got its name'));
        $template = $this->showing();
        $count();
        $with = $count();
        self::assertLessThanOrEqual(13, $with);
        $this->edit($template, ['edit' => 'remove', 'id' => 'own1']);
        $this->publish($template);
        $count();
        self::assertSame($with - 1, $count());
    }

    /** A live template that shows the fact on bottled inks. */
    private function showing(): Template
    {
        $template = $this->template();
        $node = ['id' => 'own1', 'kind' => 'own-blocks', 'what' => ['fact' => $this->fact]];
        $this->edit(
            $template,
            ['edit' => 'insert', 'parent' => $this->block($template, 'column'), 'after' => null, 'node' => $node],
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]),
        );
        $this->publish($template);

        return $template;
    }

    private function content(string $words): Template
    {
        $id = (int) $this->postJson("/studio/products/$this->teal/contents/$this->fact")->assertOk()->json('id');
        $content = Template::query()->findOrFail($id);
        $this->edit($content, [
            'edit' => 'insert',
            'parent' => $content->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'story', 'kind' => 'heading', 'what' => ['text' => $words]],
        ]);

        return $content;
    }

    /** @return list<string> */
    private function filled(): array
    {
        return array_values(DB::table('fact_values')->where('product_id', $this->teal)
            ->where('fact_id', $this->fact)
            ->pluck('written')
            ->all());
    }
}
