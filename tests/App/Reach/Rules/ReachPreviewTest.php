<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

final class ReachPreviewTest extends TestCase
{
    private Template $template;

    protected function setUp(): void
    {
        parent::setUp();
        $this->template = $this->template();
        $this->actingAs($this->owner);
    }

    public function test_covers_shown_on_and_where_the_others_go(): void
    {
        $shimmer = $this->template('Shimmer');
        $this->edit($shimmer, $this->reach([['category', 'isIn', [$this->id('categories', 'Shimmer inks')]]]));
        $this->publish($shimmer);
        $answer = $this->preview(
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]])['reach'],
        )->assertOk();

        self::assertSame([23, 17, 1], [$answer->json('covers'), $answer->json('shownOn'), $answer->json('hidden')]);
        self::assertSame([['template' => $shimmer->id, 'name' => 'Shimmer', 'count' => 6]], $answer->json('others'));
        self::assertCount(23, $answer->json('pages'));
    }

    public function test_a_rule_that_names_a_deleted_category_is_dead_and_says_so(): void
    {
        DB::table('category_product')->where('category_id', $this->id('categories', 'Shimmer inks'))->delete();
        $id = $this->id('categories', 'Shimmer inks');
        DB::table('products')->where('main_category_id', $id)->update(['main_category_id' => null]);
        DB::table('categories')->where('id', $id)->delete();
        $answer = $this->preview($this->reach([['category', 'isIn', [$id]]], [['category', 'isIn', [$id]]])['reach'])
            ->assertOk();

        self::assertSame(0, $answer->json('covers'));
        self::assertSame(
            [
                ['part' => 'show', 'clause' => 0, 'condition' => 0],
                ['part' => 'keepOff', 'clause' => 0, 'condition' => 0],
            ],
            $answer->json('dead'),
        );
    }

    public function test_a_malformed_rule_is_refused_with_a_sentence_and_the_one_before_is_kept(): void
    {
        $this->edit($this->template, $this->reach([['brand', 'hasNone', []]]));
        $before = $this->template->draft_reach;
        $nonsense = ['show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => []]]]];

        $this->preview($nonsense)->assertStatus(422)->assertJsonPath(
            'message',
            'Say which brand is meant: a condition needs at least one. The rule before was kept.',
        );
        $this->postJson(
            "/studio/templates/{$this->template->id}/edits",
            ['edits' => [['edit' => 'reach', 'reach' => $nonsense]]],
        )->assertStatus(422);
        self::assertSame($before, $this->template->refresh()->draft_reach);
    }

    public function test_names_are_found_whatever_their_case_and_a_page_at_a_time(): void
    {
        self::assertSame(
            ['Ostrelve'],
            array_column($this->getJson('/studio/names/brand?q=OSTR')->json('names'), 'name'),
        );
        $first = $this->getJson('/studio/names/product');
        self::assertCount(24, $first->json('names'));
        self::assertTrue($first->json('more'));
        self::assertSame(
            [],
            array_intersect(
                array_column($first->json('names'), 'id'),
                array_column($this->getJson('/studio/names/product?page=2')->json('names'), 'id'),
            ),
        );
        self::assertSame([], $this->getJson('/studio/names/brand?q=%25')->json('names'));
        $this->getJson('/studio/names/smell')->assertNotFound();
    }

    public function test_categories_are_listed_as_a_tree(): void
    {
        $names = $this->getJson('/studio/names/category')->json('names');

        self::assertSame(['Pens', 1, 'Fountain pens', 2, 'Piston pens', 3], [
            $names[0]['name'], $names[0]['depth'], $names[1]['name'], $names[1]['depth'], $names[2]['name'],
            $names[2]['depth'],
        ]);
    }

    public function test_samples_come_from_the_reach_with_the_awkward_ones_flagged(): void
    {
        $this->edit($this->template, $this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]]));
        $answer = $this->getJson("/studio/templates/{$this->template->id}/samples")->assertOk();
        $flags = array_column($answer->json('samples'), 'flags', 'title');

        self::assertSame(32, $answer->json('total'));
        self::assertSame([], $answer->json('samples.0.flags'));
        self::assertContains('no picture', $flags['Archive Blue bottled ink']);
        self::assertContains('on sale', $flags['Mulled Plum bottled ink']);
        self::assertContains('sold out', $flags['Night Mail bottled ink']);
        self::assertContains('no reviews', $flags['Heather bottled ink']);
        self::assertContains('no short description', $flags['Slate Row bottled ink']);
        self::assertContains(
            'long title',
            $flags['Fern Draft bottled ink for slow winter letters, mixed in small batches and rested for a year'],
        );
        self::assertArrayNotHasKey('Winter Trial bottled ink', $flags);
    }

    public function test_any_product_can_be_found_as_a_sample(): void
    {
        $answer = $this->getJson("/studio/templates/{$this->template->id}/samples?q=PALETTE")->assertOk();

        self::assertSame(['Palette fountain pen'], array_column($answer->json('samples'), 'title'));
        self::assertContains('30 variants', $answer->json('samples.0.flags'));
    }

    /** @param  array<string, mixed>  $reach */
    private function preview(array $reach): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/studio/templates/{$this->template->id}/reach", ['reach' => $reach]);
    }
}
