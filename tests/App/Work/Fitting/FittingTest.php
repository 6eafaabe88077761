<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Fitting;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Work\Fitting\FitTemplate;
use Vestibra\App\Work\Fitting\Fittings;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** A draft against every product that it would be shown on. */
final class FittingTest extends TestCase
{
    public function test_a_few_products_are_tried_at_once_and_grouped_by_what_to_do(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $care = [
            'kind' => 'rich-text',
            'id' => 'care',
            'what' => ['text' => ['source' => 'product.fact', 'of' => $this->id('facts', 'Care')]],
        ];
        $this->edit(
            $template,
            ['edit' => 'insert', 'parent' => $this->block($template, 'column'), 'after' => null, 'node' => $care],
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]),
        );

        $report = $this->postJson("/studio/templates/$template->id/fitting")->assertOk()->json();

        self::assertSame(['done', 23, 23], [$report['state'], $report['total'], $report['done']]);
        $empty = array_values(
            array_filter($report['groups'], static fn (array $group): bool => $group['block'] === 'care'),
        );
        self::assertCount(1, $empty);
        self::assertSame(['empty', 'Rich text has nothing to show'], [$empty[0]['matter'], $empty[0]['about']]);
        self::assertSame($this->lacking($template->id, 'Care'), $empty[0]['count']);
        $pictures = array_values(
            array_filter($report['groups'], static fn (array $group): bool => $group['matter'] === 'no-picture'),
        );
        self::assertSame(['Archive Blue bottled ink'], array_column($pictures[0]['pages'], 'title'));
    }

    public function test_it_speaks_of_the_draft_as_it_is_and_of_no_older_one(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, $this->reach([['product', 'isOneOf', [1]]]));
        $this->postJson("/studio/templates/$template->id/fitting")->assertJsonPath('state', 'done');
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'price')]);
        $this->getJson("/studio/templates/$template->id/fitting")->assertJsonPath('state', 'none');
        $this->postJson("/studio/templates/$template->id/fitting")
            ->assertJsonPath('groups.0.about', 'The page has no price');
    }

    public function test_many_products_are_left_to_the_worker_and_progress_is_told(): void
    {
        Queue::fake();
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, ['edit' => 'reach', 'reach' => ['show' => [[]], 'goesFirst' => true]]);
        $this->postJson("/studio/templates/$template->id/fitting")->assertJsonPath('state', 'running')
            ->assertJsonPath('total', 109)
            ->assertJsonPath('done', 0);
        Queue::assertPushed(FitTemplate::class, 1);
        $this->postJson("/studio/templates/$template->id/fitting");
        Queue::assertPushed(FitTemplate::class, 1);

        (new FitTemplate($template->id, $template->draft_revision))->handle($this->app->make(Fittings::class));

        $this->getJson("/studio/templates/$template->id/fitting")
            ->assertJsonPath('state', 'done')
            ->assertJsonPath('done', 109);
    }

    public function test_work_on_a_draft_that_has_changed_since_is_dropped(): void
    {
        Queue::fake();
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, ['edit' => 'reach', 'reach' => ['show' => [[]], 'goesFirst' => true]]);
        $this->postJson("/studio/templates/$template->id/fitting");
        $before = $template->draft_revision;
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'price')]);

        $this->app->make(Fittings::class)->run($template->id, $before);

        self::assertSame('running', DB::table('fittings')->value('state'));
        self::assertSame(0, DB::table('fittings')->value('done'));
    }

    public function test_a_draft_that_would_be_shown_on_nothing_has_nothing_to_be_tried_on(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->postJson("/studio/templates/$template->id/fitting")->assertJsonPath('total', 0)
            ->assertJsonPath('state', 'done')
            ->assertJsonPath('groups', []);
        $this->postJson('/studio/templates/999/fitting')->assertNotFound();
    }

    public function test_hundreds_of_products_cost_the_same_queries_each(): void
    {
        MoreProducts::fillUpTo(400);
        $template = $this->template();
        $this->edit($template, ['edit' => 'reach', 'reach' => ['show' => [[]], 'goesFirst' => true]]);
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            $queries++;
        });
        Queue::fake();
        $this->app->make(Fittings::class)->begin($template);
        $this->app->make(Fittings::class)->run($template->id, $template->draft_revision);
        $total = (int) DB::table('fittings')->value('total');

        self::assertGreaterThan(350, $total);
        self::assertLessThan($total * 8, $queries);
    }

    public function test_pages_of_one_title_and_pages_without_words_are_named_for_search_engines(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $this->edit($template, $this->reach([['product', 'isOneOf', [1, 2, 3, 4]]]));
        DB::table('products')
            ->whereIn('id', [2, 4])
            ->update(['title' => 'Twice', 'title_folded' => 'twice', 'search_title' => '']);
        DB::table('products')
            ->where('id', 3)
            ->update(['title' => 'TWICE ', 'short_description' => '', 'search_description' => '']);
        self::assertSame(
            [['same-title', 3, ['Twice', 'TWICE ', 'Twice']], ['no-words', 1, ['TWICE ']]],
            $this->forSearch($template->id),
        );

        DB::table('products')
            ->where('id', 3)
            ->update(['search_title' => 'One of its kind', 'search_description' => 'Words.']);
        $page = $template->draft_tree['page']['id'];
        $this->edit($template, [
            'edit' => 'set', 'id' => $page, 'question' => 'what', 'setting' => 'searchTitle', 'value' => 'Ink',
            'width' => 'desktop',
        ]);
        self::assertSame(
            [['same-title', 3, ['Teal Tide bottled ink', 'Twice', 'Twice']]],
            $this->forSearch($template->id),
            'What a template says of all is the same on all but those that have words of their own.',
        );
        $this->edit($template, [
            'edit' => 'set', 'id' => $page, 'question' => 'what', 'setting' => 'searchTitle', 'value' => '',
            'width' => 'desktop',
        ]);
        DB::table('products')->where('id', 4)->update(['title' => 'Four']);
        self::assertSame([], $this->forSearch($template->id));
    }

    /**
     * @return list<array{string, int, list<string>}> what is said of search engines: the matter, of how many pages, and
     *     of which
     */
    private function forSearch(int $template): array
    {
        DB::table('fittings')->delete();
        $groups = $this->postJson("/studio/templates/$template/fitting")->assertOk()->json('groups');

        return array_values(array_map(
            static fn (array $group): array =>
                [$group['matter'], $group['count'], array_column($group['pages'], 'title')],
            array_filter(
                $groups,
                static fn (array $group): bool => in_array($group['matter'], ['same-title', 'no-words'], true),
            ),
        ));
    }

    private function lacking(int $templateId, string $fact): int
    {
        return (int) $this->getJson("/studio/templates/$templateId/missing?lacking=product.fact&of="
            .$this->id('facts', $fact))
            ->assertJsonPath('of', 23)
            ->json('missing');
    }
}
