<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\Tests\App\TestCase;

/** Ways to look at a template, and to begin it anew while it is empty. */
final class LooksTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_in_the_list_a_template_is_seen_with_a_product_that_it_is_for_live_or_as_a_draft(): void
    {
        $template = $this->template();
        $this->edit($template, $this->reach([['product', 'isOneOf', [$this->id('products', 'Wherry fountain pen')]]]));
        $wherry = $this->id('products', 'Wherry fountain pen');
        $this->get("/studio/templates/$template->id/look")
            ->assertRedirect("/studio/templates/$template->id/page/$wherry?still=1&draft=1");
        $this->publish($template);
        $this->get("/studio/templates/$template->id/look")
            ->assertRedirect("/studio/templates/$template->id/page/$wherry?still=1");
        $this->get("/studio/templates/$template->id/page/$wherry")->assertOk()->assertSee('Wherry fountain pen');
        $this->edit($template, $this->reach([['product', 'isOneOf', [99_999]]]));
        $this->publish($template);
        $this->get("/studio/templates/$template->id/look")->assertNotFound();
    }

    public function test_a_page_is_seen_as_it_was_before_one_s_own_last_change(): void
    {
        $template = $this->template();
        $insert = [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'say', 'kind' => 'text', 'what' => ['text' => 'First words.']],
        ];
        $this->edit($template, $insert);
        $this->edit($template, [
            'edit' => 'set', 'id' => 'say', 'question' => 'what', 'setting' => 'text', 'value' => 'Second words.',
            'width' => 'desktop',
        ]);
        $this->get("/studio/templates/$template->id/page/1?before=1")->assertOk()
            ->assertSee('First words.')
            ->assertDontSee('Second words.');
        $this->get("/studio/templates/$template->id/page/1?draft=1")->assertOk()->assertSee('Second words.');
        self::assertSame(3, $template->refresh()->draft_revision);
    }

    public function test_a_page_without_the_shop_s_header_is_seen_without_it(): void
    {
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'set',
            'id' => $template->draft_tree['page']['id'],
            'question' => 'what',
            'setting' => 'header',
            'value' => false,
            'width' => 'desktop',
        ]);
        $this->get("/studio/templates/$template->id/page/1?draft=1")->assertOk()
            ->assertDontSee('class="header"', false)
            ->assertSee('class="footer"', false);
    }

    public function test_an_empty_page_begins_with_a_start_which_is_taken_back_as_one_step_and_keeps_the_rules(): void
    {
        $template = $this->template('Anew', 'blank');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]]));
        $this->postJson("/studio/templates/$template->id/start", ['start' => 'compact'])->assertOk();
        $template->refresh();
        $this->block($template, 'facts-table');
        self::assertCount(1, $template->draft_reach['show']);
        $this->postJson("/studio/templates/$template->id/start", ['start' => 'story'])->assertStatus(422)
            ->assertJsonPath(
                'message',
                'There are blocks on this page already. Take them out first, or make a new template from the start; '
                    .'nothing was changed.',
            );
        $this->postJson("/studio/templates/$template->id/undo")->assertOk();
        self::assertStringNotContainsString('facts-table', (string) json_encode($template->refresh()->draft_tree));
        $this->postJson("/studio/templates/$template->id/start", ['start' => 'nothing'])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'template.unknown-start');
        $part = $this->postJson('/studio/parts', ['name' => 'Part', 'node' => ['kind' => 'band']])
            ->assertCreated()
            ->json('id');
        $this->postJson("/studio/templates/$part/start", ['start' => 'story'])->assertStatus(422);
    }

    public function test_a_note_is_kept_beside_the_name_and_one_that_is_too_long_is_not(): void
    {
        $template = $this->template();
        $this->patchJson("/studio/templates/$template->id", ['note' => 'For the <winter> letters'])
            ->assertOk()
            ->assertJsonPath('name', 'Bottled inks');
        $this->patchJson("/studio/templates/$template->id", ['note' => str_repeat('x', 301)])->assertStatus(422)
            ->assertJsonPath(
                'message',
                'A note can have 300 characters at most. Shorten it a little; the one before was kept.',
            );
        self::assertSame('For the <winter> letters', $template->refresh()->note);
        $this->patchJson("/studio/templates/$template->id", ['note' => null])->assertOk()->assertJsonPath('note', '');
        $this->patchJson("/studio/templates/$template->id", ['name' => ''])->assertStatus(422);
    }

    public function test_a_holder_shows_another_product_with_its_own_price_and_way_to_buy(): void
    {
        $template = $this->template();
        $pen = $this->id('products', 'Wherry fountain pen');
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => [
                'id' => 'beside',
                'kind' => 'holder',
                'what' => ['subject' => $pen],
                'children' => [
                    ['id' => 't', 'kind' => 'title'],
                    ['id' => 'own', 'kind' => 'own-blocks', 'what' => ['fact' => $this->id('facts', 'Story')]],
                ],
            ],
        ]);
        $teal = $this->id('products', 'Teal Tide bottled ink');
        $html = (string) $this->get("/studio/templates/$template->id/canvas/$teal")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~data-b="t"[^>]*>\s*Wherry fountain pen~', $html);
        self::assertStringContainsString('Teal Tide bottled ink', $html);
        DB::table('products')->where('id', $pen)->update(['published' => false]);
        $this->get("/studio/templates/$template->id/canvas/$teal")
            ->assertOk()
            ->assertSee('the product that it shows cannot be seen in the shop');
    }

    public function test_another_product_in_a_holder_has_a_choice_of_its_own(): void
    {
        $template = $this->template();
        $pen = $this->id('products', 'Wherry fountain pen');
        $teal = $this->id('products', 'Teal Tide bottled ink');
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'beside', 'kind' => 'holder', 'what' => ['subject' => $pen], 'children' => [
                ['id' => 'pick', 'kind' => 'variant-picker'],
            ]],
        ]);
        $last = static fn (int $product): int =>
            (int) DB::table('variants')->where('product_id', $product)->where('published', true)->max('id');
        $wished = static fn (int $product): array => DB::table('variant_values')
            ->where('variant_id', $last($product))->pluck('option_value_id', 'option_id')->all();
        $chosen = function (array $query) use ($template, $teal, $pen): array {
            $html = (string) $this->get("/studio/templates/$template->id/canvas/$teal?".http_build_query($query))
                ->assertOk()->getContent();
            preg_match_all('~name="variant" value="(\d+)" form="buying-(\d+)"~', $html, $found);

            return array_intersect_key(array_combine($found[2], $found[1]), [$teal => 1, $pen => 1]);
        };
        $usual = $chosen([]);

        self::assertNotSame((string) $last($pen), $usual[$pen]);
        self::assertSame([(string) $last($pen), $usual[$teal]], [
            $chosen(['of' => [$pen => $wished($pen)]])[$pen],
            $chosen(['of' => [$pen => $wished($pen)]])[$teal],
        ]);
        self::assertSame([$usual[$pen], (string) $last($teal)], [
            $chosen(['o' => $wished($teal)])[$pen],
            $chosen(['o' => $wished($teal)])[$teal],
        ]);
    }

    public function test_a_countdown_runs_to_the_day_that_a_product_s_fact_gives(): void
    {
        $template = $this->template();
        $made = $this->id('facts', 'First made');
        $node = [
            'id' => 'count',
            'kind' => 'countdown',
            'what' => ['to' => 'day', 'day' => ['source' => 'product.fact-day', 'of' => $made]],
        ];
        $this->edit(
            $template,
            ['edit' => 'insert', 'parent' => $this->block($template, 'column'), 'after' => null, 'node' => $node],
        );
        $teal = $this->id('products', 'Teal Tide bottled ink');
        $before = DB::table('fact_values')->where('product_id', $teal)
            ->where('fact_id', $made)
            ->pluck('written')
            ->all();
        $day = now()->addDays(9)->format('Y-m-d');
        $this->postJson('/studio/facts/values', ['changes' => [[
            'product' => $teal, 'fact' => $made, 'written' => [$day], 'before' => $before,
        ]]])->assertOk();
        $this->get("/studio/templates/$template->id/canvas/$teal")->assertOk()->assertSee('data-countdown', false);
        $this->postJson('/studio/facts/values', ['changes' => [[
            'product' => $teal, 'fact' => $made, 'written' => [], 'before' => [$day],
        ]]])->assertOk();
        $this->get("/studio/templates/$template->id/canvas/$teal")
            ->assertOk()
            ->assertSee('this product has no “First made”');
        $wrong = [
            'edit' => 'set',
            'id' => 'count',
            'question' => 'what',
            'setting' => 'day',
            'value' => ['source' => 'product.fact', 'of' => $made],
            'width' => 'desktop',
        ];
        $this->postJson("/studio/templates/$template->id/edits", ['edits' => [$wrong]])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'setting.unknown-source');
    }
}
