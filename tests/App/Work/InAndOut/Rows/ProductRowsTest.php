<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Rows;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Rows\RowProblem;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\App\Work\InAndOut\Rows\RowsOutcome;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\TestCase;

/** What a file says of products: their fields and facts, and the template they are pinned to. */
final class ProductRowsTest extends TestCase
{
    private string $path;

    private string $slug;

    private int $product;

    private Template $launch;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
        $this->path = sys_get_temp_dir().'/vestibra-own-rows-'.getmypid().'.csv';
        $this->product = (int) DB::table('variants')->groupBy('product_id')->havingRaw('count(*) > 2')
            ->orderBy('product_id')
            ->value('product_id');
        $this->slug = (string) DB::table('products')->where('id', $this->product)->value('slug');
        $this->launch = $this->template('Launch');
        $this->edit($this->launch, $this->reach([['product', 'isOneOf', [999_999]]]));
        $this->publish($this->launch);
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        parent::tearDown();
    }

    public function test_fields_facts_and_names_of_a_product_come_in_and_nothing_else_changes(): void
    {
        $before = $this->everything();
        $done = $this->in("address name;Titel;tags;categories;brand;Care;shown to customers;Weight\r\n"
            ."$this->slug;Another title;gift | letters;Inks>Bottled inks|Desk;Hallorme;\"By hand\";no;1,5\r\n",
            columns: ['Titel' => 'title', 'Weight' => $this->number()]);
        self::assertSame([], $this->said($done));
        self::assertSame([1, 1], [$done->rows, $done->changed]);
        $row = DB::table('products')->where('id', $this->product)->first();
        self::assertSame(
            ['Another title', $this->id('brands', 'Hallorme'), 0],
            [$row?->title, $row?->brand_id, $row?->published],
        );
        self::assertEqualsCanonicalizing(
            [$this->id('categories', 'Bottled inks'), $this->id('categories', 'Desk')],
            DB::table('category_product')->where('product_id', $this->product)->pluck('category_id')->all(),
        );
        self::assertEqualsCanonicalizing(
            [$this->id('tags', 'gift'), $this->id('tags', 'letters')],
            DB::table('product_tag')->where('product_id', $this->product)->pluck('tag_id')->all(),
        );
        self::assertContains('1.5', $this->written());
        self::assertSame(0, $this->again(columns: ['Titel' => 'title', 'Weight' => $this->number()])->changed);
        $this->back($done)->assertOk();
        self::assertSame($before, $this->everything());
    }

    public function test_a_page_is_pinned_and_set_free_in_one_release_with_the_catalogue_in_one_entry(): void
    {
        $skus = DB::table('variants')->where('product_id', $this->product)->orderBy('id')->pluck('sku')->all();
        $before = $this->everything();
        $file = "stock number,stock,pinned to\n"
            .implode('', array_map(static fn (string $sku): string => "$sku,77,launch\n", $skus));
        $seen = $this->in($file, new RowWishes(dry: true));
        self::assertSame([0, 0, 1, 1], [
            $seen->entry, $seen->release, $seen->fields['pinned to'], $seen->moves['moved'],
        ]);
        self::assertSame($before, $this->everything());
        $done = $this->again();
        self::assertSame(count($skus), $done->changed);
        self::assertGreaterThan(0, min($done->entry, $done->release));
        self::assertSame([$this->launch->id], DB::table('pins')->where('subject_id', $this->product)
            ->pluck('template_id')
            ->all());
        self::assertSame(
            ['Launch'],
            array_column($this->getJson("/studio/who/rows?q=$skus[0]")->json('rows'), 'templateName'),
        );
        $again = $this->again();
        self::assertSame([0, 0, 0], [$again->changed, $again->entry, $again->release]);

        $free = $this->in("stock number,pinned to\n$skus[0],\n", new RowWishes(emptied: true));
        self::assertSame([1, 0], [$free->changed, $free->entry]);
        self::assertSame(0, DB::table('pins')->where('subject_id', $this->product)->count());
        $this->back($free)->assertOk();
        self::assertSame(1, DB::table('pins')->where('subject_id', $this->product)->count());
        $this->back($done)->assertOk();
        self::assertSame($before, $this->everything());
        $this->back($done)->assertConflict();
        self::assertSame($before, $this->everything());
    }

    public function test_a_template_that_is_written_over_another_pins_the_page_where_it_is_shown_with_another(): void
    {
        $shown = (string) $this->getJson('/studio/who/rows?q='.urlencode($this->sku()))->json('rows.0.templateName');
        $meant = ['template' => 'template'];
        $alone = $this->in("address name,template\n$this->slug,Launch\n");
        self::assertSame([0, 'Besides the key'], [
            $alone->changed, substr(ProblemWords::of($alone->problems[0]->problem), 0, 15),
        ], 'It goes out for reading unless it is said that it is meant.');
        self::assertSame(0, $this->in("address name,template\n$this->slug,$shown\n", columns: $meant)->changed);
        self::assertSame(1, $this->in("address name,template\n$this->slug,Launch\n", columns: $meant)->changed);
        self::assertSame(0, $this->again(columns: $meant)->changed);
        $empty = $this->in("address name,template\n$this->slug,\n", new RowWishes(
            emptied: true,
            columns: $meant,
        ));
        self::assertSame([0, [], 1], [$empty->changed, $this->said($empty), DB::table('pins')->count()]);
    }

    /** @return iterable<string, array{string, string, string|null}> column and cell, what is said, what was meant */
    public static function troubles(): iterable
    {
        yield 'a template' => ['pinned to', 'Lunch', 'No template is called “Lunch”.', 'Launch'];
        yield 'a draft' => ['pinned to', 'Not yet', '“Not yet” is not live, so nothing can be shown with it.', null];
        yield 'a brand' => ['brand', 'Ostrelwe', 'No brand is called “Ostrelwe”.', 'Ostrelve'];
        yield 'one tag of two' => ['tags', 'gift|leters', 'No tag is called “leters”.', 'gift|letters'];
        yield 'a category' => ['categories', 'Inks>Botled inks', 'No category is called', 'Inks > Bottled inks'];
        yield 'a fact' => ['Drying time', 'long', '“Drying time” does not take this.', null];
        yield 'neither yes nor no' => ['shown to customers', 'perhaps', '“shown to customers” is yes or no.', null];
        yield 'no title' => ['title', str_repeat('x', 201), 'The title can have 200 characters', null];
        yield 'nothing like it' => ['brand', 'Zzzzzzzzzzzzzz', 'No brand is called', null];
    }

    #[DataProvider('troubles')]
    public function test_each_trouble_is_said_with_what_was_meant(
        string $column,
        string $cell,
        string $words,
        ?string $meant,
    ): void {
        $this->template('Not yet');
        $before = $this->everything();
        $done = $this->in("address name,$column,short description\n$this->slug,$cell,Short\n");
        self::assertSame([0, 1, 2], [$done->entry, $done->wrong, $done->problems[0]->line]);
        self::assertStringStartsWith($words, ProblemWords::of($done->problems[0]->problem));
        self::assertSame($meant, $done->problems[0]->meant);
        self::assertSame($before, $this->everything(), 'The good cell of a bad row is not taken either.');
    }

    public function test_what_moves_is_said_of_brand_and_pin_together(): void
    {
        $brands = $this->template('Of Hallorme');
        $this->edit($brands, $this->reach([['brand', 'isOneOf', [$this->id('brands', 'Hallorme')]]]));
        $this->publish($brands);
        $other = $this->id('brands', DB::table('products')->where('id', $this->product)->value('brand_id')
            === $this->id('brands', 'Ostrelve') ? 'Thessamer' : 'Ostrelve');
        DB::table('products')->where('id', $this->product)->update(['brand_id' => $other]);
        $this->in("address name,brand\n$this->slug,Hallorme\n");
        // By its brand it would go to the fallback, and the pin keeps it where it is.
        $stays = "address name,brand,pinned to\n$this->slug,Thessamer,Of Hallorme\n";
        $seen = $this->in($stays, new RowWishes(dry: true));
        self::assertSame([0, []], [$seen->moves['moved'], $seen->moves['moves']]);
        $done = $this->again();
        self::assertSame([0, 1], [$done->moves['moved'], DB::table('pins')->count()]);
        $this->back($done)->assertOk();
        $moves = $this->in("address name,brand,pinned to\n$this->slug,Thessamer,Launch\n", new RowWishes(dry: true));
        self::assertSame([['Of Hallorme', 'Launch', 1]], array_map(
            static fn (array $move): array => [$move['fromName'], $move['toName'], $move['count']],
            $moves->moves['moves'],
        ));
        self::assertSame($moves->moves['moved'], $this->again()->moves['moved']);
    }

    public function test_a_file_leaves_a_product_as_saving_the_same_on_its_page_does(): void
    {
        $before = (array) DB::table('products')->where('id', $this->product)->first();
        $fields = [
            'title' => 'Ähnliche Tinte, “neu”', 'description' => '<p>Rests on the page.</p>', 'published' => false,
            'searchTitle' => 'Found so', 'shownFrom' => '2027-01-01',
        ];
        $whole = fn (): array => [
            DB::table('products')->where('id', $this->product)->first(),
            DB::table('product_words')->where('rowid', $this->product)->get()->all(),
            DB::table('products')->orderBy('title_order')->orderBy('id')->pluck('id')->all(),
        ];
        $saved = $this->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'product', 'id' => $this->product, 'after' => $fields,
            'before' => [
                'title' => $before['title'], 'description' => $before['description'], 'published' => true,
                'searchTitle' => '', 'shownFrom' => null,
            ],
        ]]])->assertOk()->json('entry');
        $expected = $whole();
        $this->postJson("/studio/catalogue/entries/$saved/take-back")->assertOk();
        $done = $this->in('address name;title;description;shown to customers;title for search engines;first day it is '
            ."shown\n$this->slug;\"{$fields['title']}\";{$fields['description']};no;Found so;2027-01-01\n");
        self::assertSame([], $this->said($done));
        self::assertEquals($expected, $whole());
    }

    public function test_rows_of_one_product_say_the_same_or_are_refused(): void
    {
        [$one, $two, $three] = DB::table('variants')->where('product_id', $this->product)->orderBy('id')->limit(3)
            ->pluck('sku')
            ->all();
        $before = $this->everything();
        $done = $this->in(
            "stock number,title,tags,stock\n$one,One,,41\n$two,,gift,42\n$three,Two,,43\n",
            new RowWishes(goodOnly: true),
        );
        self::assertSame(['Line 2 says another title for this product.'], array_map(
            static fn (RowProblem $one): string => ProblemWords::of($one->problem),
            $done->problems,
        ));
        self::assertSame([2, 1, 1, 1], [
            $done->changed, $done->wrong, $done->fields['title'], $done->fields['tags'],
        ]);
        self::assertSame('One', DB::table('products')->where('id', $this->product)->value('title'));
        self::assertSame([41, 42], DB::table('variants')->whereIn('sku', [$one, $two])->orderBy('id')
            ->pluck('stock')
            ->all());
        self::assertNotSame(43, DB::table('variants')->where('sku', $three)->value('stock'));
        $this->back($done)->assertOk();
        self::assertSame($before, $this->everything());
    }

    public function test_what_a_row_says_that_cannot_be_taken_binds_no_other(): void
    {
        [$one, $two] = DB::table('variants')->where('product_id', $this->product)->orderBy('id')->limit(2)
            ->pluck('sku')
            ->all();
        $done = $this->in(
            "stock number,title,brand\n$one,One,Nobody at all\n$two,Two,Hallorme\n",
            new RowWishes(goodOnly: true),
        );
        self::assertSame([1, 1], [$done->changed, $done->wrong]);
        self::assertSame('Two', DB::table('products')->where('id', $this->product)->value('title'));
    }

    public function test_what_a_bad_row_says_of_its_product_is_taken_from_a_good_one_that_says_the_same(): void
    {
        [$one, $two] = DB::table('variants')->where('product_id', $this->product)->orderBy('id')->limit(2)
            ->pluck('sku')
            ->all();
        $done = $this->in(
            "stock number,stock,title\n$one,lots,The same\n$two,8,The same\n",
            new RowWishes(goodOnly: true),
        );
        self::assertSame([1, 1], [$done->changed, $done->wrong]);
        self::assertSame('The same', DB::table('products')->where('id', $this->product)->value('title'));
    }

    public function test_a_row_that_the_shop_refuses_pins_nothing_either(): void
    {
        DB::table('variants')->update(['price' => 1_000, 'sale_price' => null]);
        $other = DB::table('products')->where('id', '<>', $this->product)->orderBy('id')->first();
        $mine = $this->sku();
        $theirs = (string) DB::table('variants')->where('product_id', $other?->id)->orderBy('id')->value('sku');
        $done = $this->in(
            "stock number,sale price,pinned to\n$mine,20.00,Launch\n$theirs,9.00,Launch\n",
            new RowWishes(goodOnly: true),
        );
        self::assertSame([1, 1], [$done->changed, $done->wrong]);
        self::assertSame([$other?->id], DB::table('pins')->pluck('subject_id')->all());
    }

    public function test_a_name_that_several_have_wants_its_path_and_one_that_was_deleted_is_unknown(): void
    {
        $this->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'category', 'id' => -1, 'after' => [
                'name' => 'Desk', 'slug' => 'desk-ink', 'parent' => $this->id('categories', 'Inks'), 'position' => 9,
            ],
        ]]])->assertOk();
        self::assertSame(
            ['2 categories Several are called “Desk”. Write the whole path, as “Desk”.'],
            $this->said($this->in("address name,categories\n$this->slug,Desk\n")),
        );
        self::assertSame(1, $this->in("address name,categories\n$this->slug,Inks > Desk\n")->changed);
        DB::table('templates')->where('id', $this->launch->id)->update(['let_go_at' => '2026-12-01 10:00:00']);
        self::assertStringContainsString(
            'No template is called “Launch”.',
            $this->said($this->in("address name,pinned to\n$this->slug,Launch\n"))[0],
        );
    }

    public function test_where_one_of_entry_and_release_cannot_be_neither_is(): void
    {
        $before = $this->everything();
        $file = "address name,title,pinned to\n$this->slug,Another,Launch\n";
        $gone = fn (string $what): bool => $what !== 'made'
            || DB::table('templates')->where('id', $this->launch->id)
                ->update(['let_go_at' => '2026-12-01 10:00:00']) > 0;
        $done = $this->in($file, new RowWishes(goOn: $gone));
        self::assertSame([0, 0], [$done->entry, $done->release]);
        self::assertNotSame([], $done->problems);
        self::assertSame([$before, 0], [$this->everything(), DB::table('catalogue_entries')->count()]);

        $done = $this->in($file);
        $after = $this->everything();
        $this->postJson("/studio/catalogue/entries/$done->entry/take-back")->assertOk();
        $between = $this->everything();
        self::assertNotSame($after, $between);
        $this->back($done)->assertUnprocessable();
        self::assertSame($between, $this->everything(), 'The pin stays with what is left.');
    }

    public function test_everything_of_every_product_goes_out_and_comes_in_and_changes_nothing(): void
    {
        DB::table('pins')->insert([
            'page_kind' => 'product', 'subject_id' => $this->product, 'template_id' => $this->launch->id,
        ]);
        $out = $this->app->make(RowsOut::class);
        self::assertNotNull($out->write($this->path, true, null, $out->columns()));
        $text = (string) file_get_contents($this->path);
        self::assertTrue(str_contains($text, 'Inks > Bottled inks'));
        self::assertTrue(str_contains($text, 'Launch'));
        $before = $this->everything();
        foreach ([false, true] as $emptied) {
            $done = $this->again(new RowWishes(emptied: $emptied));
            self::assertSame([], $this->said($done));
            self::assertSame([0, 0, 0], [$done->changed, $done->entry, $done->release]);
        }
        self::assertSame($before, $this->everything());
        self::assertContains('pinned to', $done->columns);
        self::assertContains('categories', $done->columns);
    }

    public function test_old_addresses_and_options_go_out(): void
    {
        DB::table('old_address_names')->insert([
            'thing' => 'product', 'slug' => 'as-it-was', 'thing_id' => $this->product, 'until' => '2026-01-01 00:00:00',
        ]);
        $this->app->make(RowsOut::class)->write($this->path, true, null, ['options', 'old addresses', 'step']);
        $lines = preg_grep('/^(﻿)?'.preg_quote($this->slug, '/').',/', file($this->path) ?: []) ?: [];
        self::assertCount(DB::table('variants')->where('product_id', $this->product)->count(), $lines);
        foreach ($lines as $line) {
            self::assertStringContainsString('as-it-was', $line);
            self::assertMatchesRegularExpression('/[A-Z][a-z]+: /', $line);
        }
    }

    public function test_a_preview_names_products_templates_and_both_sides_of_each_change(): void
    {
        $text = "address name,title,pinned to,categories\n$this->slug,Other,Launch,Desk\n";
        $answer = $this->postJson('/studio/in-and-out', ['text' => $text])->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('BroughtFile', $answer));
        self::assertSame([], $answer['preview']['wrong']);
        [$line] = $answer['preview']['lines'];
        $cells = array_column($line['cells'], null, 'field');
        self::assertSame(['Other', 'Desk', 'Launch', 'nothing'], [
            $cells['title']['to'], $cells['categories']['to'], $cells['pinned to']['to'], $cells['pinned to']['from'],
        ]);
        self::assertNotSame('', $cells['categories']['from']);
        self::assertSame('Desk', $cells['main category']['to'], 'It does not stay in one that it leaves.');
        $this->postJson("/studio/in-and-out/{$answer['file']}/take")->assertOk();
        self::assertSame('Other', DB::table('products')->where('id', $this->product)->value('title'));
    }

    /** @param  array<string, string>  $columns */
    private function in(string $file, RowWishes $wishes = new RowWishes, array $columns = []): RowsOutcome
    {
        file_put_contents($this->path, $file);

        return $this->again($wishes, $columns);
    }

    /** @param  array<string, string>  $columns */
    private function again(RowWishes $wishes = new RowWishes, array $columns = []): RowsOutcome
    {
        $this->anew();
        $wishes = $columns === [] ? $wishes : new RowWishes(columns: $columns);

        return $this->app->make(RowsIn::class)->read($this->path, $this->owner, $wishes);
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function back(RowsOutcome $done): TestResponse
    {
        return $this->postJson('/studio/in-and-out/take-back', ['entry' => $done->entry, 'release' => $done->release]);
    }

    /** @return list<string> */
    private function said(RowsOutcome $done): array
    {
        return array_map(
            static fn (RowProblem $one): string => "$one->line $one->column ".ProblemWords::of($one->problem),
            $done->problems,
        );
    }

    private function sku(): string
    {
        return (string) DB::table('variants')->where('product_id', $this->product)->orderBy('id')->value('sku');
    }

    /** A fact that is a number. */
    private function number(): string
    {
        foreach ($this->app->make(FactBook::class)->all() as $fact) {
            if ($fact->kind->value === 'number' && $fact->decimals > 0) {
                return $fact->name;
            }
        }
        self::fail('There is no such fact.');
    }

    /** @return list<string> facts of the product as they were written */
    private function written(): array
    {
        return DB::table('fact_values')->where('product_id', $this->product)->pluck('written')->all();
    }

    /** @return array<string, mixed> the catalogue and the pins */
    private function everything(): array
    {
        $all = [];
        foreach (['products' => 'id', 'variants' => 'id', 'category_product' => 'product_id', 'product_tag' =>
            'product_id', 'fact_values' => 'product_id', 'pins' => 'subject_id'] as $table => $order) {
            $all[$table] = DB::table($table)->orderBy($order)->get()
                ->map(static fn (object $row): array => array_diff_key((array) $row, ['id' => 1]))
                ->sort()
                ->values()
                ->all();
        }

        return $all;
    }
}
