<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Templates\Source;
use Vestibra\Tests\App\TestCase;

/** Where values come from, which products lack them, and when blocks appear: in the shop and on the drawing table. */
final class SourcesTest extends TestCase
{
    public function test_care_advice_stands_only_where_there_is_some_in_each_products_own_words(): void
    {
        $this->actingAs($this->owner);
        $template = $this->withCare();
        $this->publish($template);
        $with = DB::table('fact_values')->where('fact_id', $this->id('facts', 'Care'))
            ->join('products', 'products.id', '=', 'product_id')
            ->where('published', true)
            ->first(['slug', 'written']);
        self::assertNotNull($with);
        $this->get("/p/$with->slug")->assertOk()->assertSee('How to care for it')->assertSee($with->written, false);
        $without = $this->slugWithout('Care');
        $this->get("/p/$without")->assertOk()
            ->assertDontSee('How to care for it')
            ->assertDontSee('data-b="care"', false);
    }

    public function test_the_drawing_table_says_why_a_block_does_not_appear(): void
    {
        $this->actingAs($this->owner);
        $template = $this->withCare();
        $id = (int) DB::table('products')->where('slug', $this->slugWithout('Care'))->value('id');
        $this->get("/studio/templates/$template->id/canvas/$id")->assertOk()
            ->assertSee('data-absent="appears only where Care is filled in"', false)
            ->assertSee('data-absent="this product has no “Care”"', false);
        $this->getJson("/studio/templates/$template->id/news?revision=0&window=w")
            ->assertJsonPath('state.conditions.head.0.what', 'Care is filled in');
    }

    public function test_a_condition_on_something_deleted_never_holds(): void
    {
        $template = $this->withCare();
        DB::table('facts')->where('id', $this->id('facts', 'Care'))->delete();
        $this->publish($template);
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee('How to care for it');
    }

    public function test_each_source_counts_the_products_that_lack_it_as_their_pages_do(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template();
        $text = ['kind' => 'text', 'id' => 'w'];
        $this->edit(
            $template,
            ['edit' => 'insert', 'parent' => $this->block($template, 'column'), 'after' => null, 'node' => $text],
            $this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]]),
        );
        $fact = $this->id('facts', 'Care');
        $option = (int) DB::table('options')->where('name', 'Bottle')->value('id');
        foreach ([
            Source::ShortDescription, Source::Brand, Source::Category, Source::Collection, Source::Tags, Source::Fact,
            Source::Option, Source::Sku, Source::Title, Source::Rating, Source::ReviewCount, Source::Stock,
        ] as $source) {
            $of = match ($source) {
                Source::Fact => $fact,
                Source::Option => $option,
                default => null,
            };
            $value = ['source' => $source->value] + ($of === null ? [] : ['of' => $of]);
            $this->edit($template, [
                'edit' => 'set', 'id' => 'w', 'question' => 'what', 'setting' => 'text', 'value' => $value,
            ]);
            $answer = $this->getJson("/studio/templates/$template->id/missing?lacking=$source->value&of=$of")
                ->assertOk()
                ->json();
            $samples = $this->getJson("/studio/templates/$template->id/samples?lacking=$source->value&of=$of")
                ->assertOk()
                ->json();

            self::assertSame($answer['missing'], $source === Source::Title ? 0 : $samples['total'], $source->value);
            foreach (array_slice($samples['samples'], 0, 3) as $sample) {
                $html = (string) $this->get("/studio/templates/$template->id/canvas/{$sample['id']}")->getContent();
                self::assertSame(
                    $source !== Source::Title,
                    str_contains($html, 'data-b="w" data-absent='),
                    "$source->value {$sample['title']}",
                );
            }
        }
    }

    public function test_sources_that_are_none_are_refused_with_a_sentence(): void
    {
        $this->actingAs($this->owner);
        $template = $this->withCare();
        foreach (
            [['source' => 'product.secret'], ['source' => 'product.fact'], ['source' => 'product.picture']] as $value
        ) {
            $this->postJson("/studio/templates/$template->id/edits", ['edits' => [[
                'edit' => 'set', 'id' => 'care', 'question' => 'what', 'setting' => 'text', 'value' => $value,
            ]]])
                ->assertStatus(422)
                ->assertJsonPath('message', '“Words” cannot come from there. The value before was kept.');
        }
        $this->getJson("/studio/templates/$template->id/missing?lacking=".rawurlencode("x' or 1=1"))
            ->assertOk()
            ->assertJsonPath('missing', 0);
    }

    public function test_rich_text_and_html_run_nothing(): void
    {
        $template = $this->template();
        $evil = '<p onclick="x()">A</p><script>alert(1)</script><img src=x onerror=alert(1)><iframe '
            .'src="//evil"></iframe><a href="javascript:alert(1)">B</a><svg onload=alert(1)></svg><p '
            .'style="position:fixed">C</p>';
        foreach (['rich-text' => 'text', 'html' => 'html'] as $kind => $setting) {
            $this->edit($template, [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['kind' => $kind, 'id' => str_replace('-', '', $kind), 'what' => [$setting => $evil]],
            ]);
        }
        $this->edit($template, $this->reach([['product', 'isOneOf', [1]]]));
        $this->publish($template);
        $html = (string) $this->get('/p/'.DB::table('products')->where('id', 1)->value('slug'))
            ->assertOk()
            ->getContent();
        preg_match_all('~<div data-b="(?:richtext|html)"[^>]*>(.*?)</div>~s', $html, $found);
        self::assertCount(2, $found[1]);
        self::assertSame(
            ['<p>A</p><img src="x" /><a>B</a><p>C</p>', '<p>A</p><a>B</a><p>C</p>'],
            array_map(trim(...), $found[1]),
        );
    }

    public function test_html_is_rendered_as_markup_and_what_is_taken_out_is_named(): void
    {
        $this->actingAs($this->owner);
        $written = '<div class="x"><h3>Care</h3><p onclick="x()">Wash '
            .'<b>cold</b></p><script>alert(1)</script><details><summary>More</summary>Dry</details><img '
            .'src="/pictures/nib-400.webp" alt="A nib"><img src="https://evil.example/x.png"><iframe '
            .'src="//evil.example"></iframe></div>';
        self::assertSame(
            '<div><h3>Care</h3><p>Wash <b>cold</b></p><details><summary>More</summary>Dry</details><img '
                .'src="/pictures/nib-400.webp" alt="A nib" /></div>',
            SafeHtml::markup($written),
        );
        self::assertSame(
            [
                'class of <div>', 'onclick of <p>', '<script>', '<img>', 'src of <img>: https://evil.example/x.png',
                '<iframe>', 'src of <iframe>: //evil.example',
            ],
            $this->postJson('/studio/html', ['html' => $written])->assertOk()->json('takenOut'),
        );
        self::assertSame(
            [],
            $this->postJson('/studio/html', ['html' => '<p>Plain <b>words</b></p>'])->json('takenOut'),
        );
        foreach ([[], ['html' => ['x']], ['html' => str_repeat('x', 50_001)]] as $bad) {
            $this->postJson('/studio/html', $bad)->assertStatus(422);
        }
    }

    private function withCare(): Template
    {
        $template = $this->template('With care');
        $column = $this->block($template, 'column');
        $care = $this->id('facts', 'Care');
        $filled = [['field' => 'fact', 'of' => $care, 'comparison' => 'isFilled', 'values' => []]];
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'kind' => 'rich-text',
                    'id' => 'care',
                    'what' => ['text' => ['source' => 'product.fact', 'of' => $care]],
                ],
            ],
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'kind' => 'heading', 'id' => 'head', 'what' => ['text' => 'How to care for it'],
                    'when' => ['where' => $filled],
                ],
            ],
            ['edit' => 'reach', 'reach' => ['show' => [[]], 'goesFirst' => true]],
        );

        return $template;
    }

    private function slugWithout(string $fact): string
    {
        return (string) DB::table('products')->where('published', true)
            ->whereNotIn(
                'id',
                DB::table('fact_values')->where('fact_id', $this->id('facts', $fact))->select('product_id'),
            )->value('slug');
    }
}
