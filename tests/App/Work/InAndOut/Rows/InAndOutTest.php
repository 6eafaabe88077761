<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Rows;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;

/** Files of rows over HTTP: brought, looked at, mended, taken, and given out. */
final class InAndOutTest extends TestCase
{
    private const LIST = 'Artikel-Nr.;Bestand '
        ."neu;VK;Lagerplatz\r\nLF-0028-02;24;26,50;B-12\r\nLF-0028-01;7;1.226,00;B-13\r\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_suppliers_list_is_mapped_by_hand_taken_and_remembered_the_next_time(): void
    {
        $other = DB::table('variants')->whereNotIn('sku', ['LF-0028-01', 'LF-0028-02'])->orderBy('id')->get()->toJson();
        $brought = $this->bring(self::LIST)->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('BroughtFile', $brought));
        self::assertSame('supplier.csv', $brought['name']);
        self::assertSame(
            [['Artikel-Nr.', '', 'LF-0028-02'], ['Bestand neu', '', '24'], ['VK', '', '26,50'], ['Lagerplatz', '',
                'B-12']],
            array_map(static fn (array $one): array => [$one['called'], $one['is'], $one['sample']],
                $brought['preview']['columns']),
        );
        self::assertSame(0, $brought['preview']['changed'], 'It is not known what its columns are.');

        $wishes = ['name' => 'supplier.csv', 'columns' => [
            'Artikel-Nr.' => 'stock number', 'Bestand neu' => 'stock', 'VK' => 'price', 'Lagerplatz' => '',
        ], 'leaps' => true];
        $before = DB::table('variants')->orderBy('id')->get()->toJson();
        $look = $this->look($brought['file'], $wishes)->assertOk()->json('preview');
        self::assertSame($before, DB::table('variants')->orderBy('id')->get()->toJson());
        self::assertSame(['stock' => 2, 'price' => 2], $look['fields']);
        self::assertSame('comma', $look['columns'][2]['numbers']);
        self::assertSame('£1,226.00', array_column($look['lines'][1]['cells'], 'to', 'field')['price']);

        $done = $this->take($brought['file'], $wishes)->assertOk()->json('preview');
        self::assertGreaterThan(0, $done['entry']);
        self::assertSame(
            [[122_600, 7], [2_650, 24]],
            DB::table('variants')->whereIn('sku', ['LF-0028-01', 'LF-0028-02'])->orderBy('sku')
                ->get(['price', 'stock'])
                ->map(static fn (object $row): array => [$row->price, $row->stock])
                ->all(),
        );
        self::assertSame(
            $other,
            DB::table('variants')->whereNotIn('sku', ['LF-0028-01', 'LF-0028-02'])->orderBy('id')->get()->toJson(),
        );
        $again = $this->bring(self::LIST)->assertOk()->json('preview');
        self::assertSame(['stock number', 'stock', 'price', ''], array_column($again['columns'], 'is'));
        self::assertSame([true, true, true, true], array_column($again['columns'], 'remembered'));
        self::assertSame([0, 2], [$again['changed'], $again['same']], 'The same file twice changes nothing.');
        $other = $this->bring("Bestand neu;Artikel-Nr.\n1;LF-0028-02\n")->json('preview');
        self::assertSame(['', ''], array_column($other['columns'], 'is'), 'Another header is another file.');
        $this->postJson("/studio/catalogue/entries/{$done['entry']}/take-back")->assertOk();
        self::assertSame($before, DB::table('variants')->orderBy('id')->get()->toJson());
    }

    public function test_how_days_and_numbers_are_read_is_said_by_all_rows_and_can_be_said_otherwise(): void
    {
        $sku = 'LF-0028-02';
        $rows = array_fill(0, 80, 'none,2/3/2027,"1,234"');
        $file = $this->bring(implode("\n", [
            'stock number,first day of the sale,price', "$sku,4/5/2027,26.50", ...$rows, 'none,25/5/2027,5.5',
        ]))->assertOk()->json();
        self::assertSame(
            [['', 'plain'], ['day', 'plain'], ['', 'point']],
            array_map(static fn (array $one): array => [$one['days'], $one['numbers']], $file['preview']['columns']),
        );
        DB::table('variants')->where('sku', $sku)->update(['price' => 2650, 'sale_price' => 2000]);
        $seen = fn (array $wishes): array => array_column(
            $this->look($file['file'], $wishes)->assertOk()->json('preview.lines.0.cells'),
            'to',
        );
        self::assertNotSame($seen(['days' => 'day']), $seen(['days' => 'month']));
        $this->look($file['file'], ['days' => 'year'])->assertStatus(422);
    }

    public function test_bad_rows_are_mended_where_they_stand_or_left_out(): void
    {
        $file = $this->bring("stock number,stock\nLF-0028-2,24\nLF-0028-01,lots\nLF-0027-01,5\n1E+12,3\n")
            ->assertOk()
            ->json();
        $wrong = $file['preview']['wrong'];
        self::assertSame([2, 3, 5], array_column($wrong, 'line'));
        self::assertSame([0, 1, 0], array_column($wrong, 'at'));
        self::assertSame('LF-0028-02', $wrong[0]['meant']);
        self::assertSame([3, 0], [$file['preview']['wrongCount'], $file['preview']['entry']]);
        $wishes = ['mended' => [2 => [0 => 'LF-0028-02'], 3 => [1 => '30'], 5 => null]];
        $look = $this->look($file['file'], $wishes)->assertOk()->json('preview');
        self::assertSame([0, 3, 3], [$look['wrongCount'], $look['changed'], $look['rows']]);
        $this->take($file['file'], $wishes)->assertOk();
        self::assertSame(
            [5, 30, 24],
            DB::table('variants')->whereIn('sku', ['LF-0027-01', 'LF-0028-01', 'LF-0028-02'])->orderBy('sku')
                ->pluck('stock')
                ->all(),
        );
    }

    public function test_a_row_that_is_wrong_in_two_places_is_one_row_to_mend(): void
    {
        $preview = $this->bring("stock number,stock,price\nLF-0028-02,lots,dear\nLF-0028-01,3,4.00\n")->json('preview');
        self::assertSame([1, 2, 1], [$preview['wrongCount'], count($preview['wrong']), $preview['changed']]);
    }

    public function test_columns_that_are_known_stay_so_where_the_key_is_not(): void
    {
        $file = $this->bring("Nr;stock;PRICE\nLF-0028-02;3;4,00\n")->json();
        self::assertSame(['', 'stock', 'price'], array_column($file['preview']['columns'], 'is'));
        $look = $this->look($file['file'], ['columns' => ['Nr' => 'stock number']])->json('preview');
        self::assertSame(['stock number', 'stock', 'price'], array_column($look['columns'], 'is'));
        self::assertSame(1, $look['changed']);
    }

    public function test_a_file_that_is_refused_as_a_whole_is_said_to_be_so_whatever_of_it_was_wanted(): void
    {
        $file = $this->bring("stock number,stock\nLF-0028-02,24\n")->json('file');
        $this->take($file, ['good' => true, 'columns' => ['stock number' => '']])
            ->assertStatus(409)
            ->assertJsonPath('preview.entry', 0)
            ->assertJson(['message' => 'No column tells which variant a row is about: stock number, bar code or '
                .'address name. The columns are: stock number, stock. Nothing was changed.']);
        $this->take($file, ['good' => true])->assertOk();
        $this->take($file, ['good' => true])->assertOk()->assertJsonPath('preview.entry', 0);
    }

    public function test_all_or_nothing_or_the_good_rows(): void
    {
        $file = $this->bring("stock number,stock\nLF-0028-02,24\nLF-0028-01,lots\n")->json('file');
        $before = DB::table('variants')->orderBy('id')->pluck('stock')->all();
        $this->take($file, [])->assertStatus(409)->assertJsonPath('preview.entry', 0)
            ->assertJsonPath(
                'message',
                'The stock is a whole number from 0 to 10000000, or empty. Nothing was saved yet.',
            );
        self::assertSame($before, DB::table('variants')->orderBy('id')->pluck('stock')->all());
        $this->take($file, ['good' => true])->assertOk()->assertJsonPath('preview.wrongCount', 1);
        self::assertSame(24, DB::table('variants')->where('sku', 'LF-0028-02')->value('stock'));
    }

    public function test_a_variant_that_is_no_longer_for_sale_is_counted_no_more(): void
    {
        $product = DB::table('variants')->where('sku', 'LF-0028-02')->value('product_id');
        $count = DB::table('products')->where('id', $product)->value('variant_count');
        $file = $this->bring("stock number,for sale\nLF-0028-02,no\n")->json('file');
        $this->take($file, [])->assertOk();
        self::assertSame($count - 1, DB::table('products')->where('id', $product)->value('variant_count'));
    }

    public function test_what_is_pasted_is_read_as_a_file_is(): void
    {
        $preview = $this->postJson('/studio/in-and-out', ['text' => "stock\tstock number\n24\tLF-0028-02"])
            ->assertOk()
            ->json('preview');
        self::assertSame([1, []], [$preview['changed'], $preview['wrong']]);
        $this->postJson('/studio/in-and-out', ['text' => '  '])->assertStatus(422);
        $this->postJson('/studio/in-and-out', [])->assertStatus(422);
        $this->postJson('/studio/in-and-out', ['text' => ['x']])->assertStatus(422);
    }

    public function test_a_file_is_somebodys_own_and_no_name_leads_anywhere_else(): void
    {
        $file = $this->bring(self::LIST)->json('file');
        foreach (['1-0000000000000000', '....shop', 'x', "$file.rows"] as $name) {
            $this->look($name, [])->assertNotFound();
        }
        $this->look($file, ['mended' => 'x'])->assertStatus(422);
        $this->look($file, ['columns' => ['a' => ['b']]])->assertStatus(422);
        $this->look($file, ['numbers' => 'roman'])->assertStatus(422);
        $this->actingAs(UserFactory::new()->create(['role' => 'owner']));
        $this->look($file, [])->assertNotFound();
        $this->take($file, [])->assertNotFound();
        $this->actingAs(UserFactory::new()->create(['role' => 'viewer']));
        $this->bring(self::LIST)->assertForbidden();
        $this->get('/studio/in-and-out')->assertForbidden();
        $this->get('/studio/in-and-out/products.csv')->assertForbidden();
    }

    public function test_what_is_no_file_of_rows_is_said_and_nothing_happens(): void
    {
        foreach ([
            "\x89PNG\r\n\x1a\n".random_bytes(300), '', "no key,at all\n1,2\n", str_repeat('a,', 3_001)."\n",
            "stock number,stock number\n1,2\n",
        ] as $bytes) {
            $preview = $this->bring($bytes)->assertOk()->json('preview');
            self::assertSame([0, 0], [$preview['changed'], $preview['entry']]);
            self::assertNotSame('', $preview['wrong'][0]['message'] ?? '');
        }
    }

    public function test_all_variants_or_those_of_what_is_selected_go_out_and_come_back_unchanged(): void
    {
        $this->get('/studio/in-and-out')->assertOk();
        $all = $this->csv('');
        self::assertSame(DB::table('variants')->count(), count($all) - 1);
        $ids = DB::table('products')->where('published', 1)->orderBy('id')->limit(3)->pluck('id')->all();
        $this->postJson('/studio/who/selection/tick', ['ids' => $ids, 'on' => true]);
        $some = $this->csv('?selected=1&columns='.rawurlencode('price|brand|template|step'));
        self::assertSame(
            ['address name', 'title', 'stock number', 'price', 'brand', 'template', 'step'],
            $some[0],
        );
        self::assertSame(DB::table('variants')->whereIn('product_id', $ids)->count(), count($some) - 1);
        self::assertSame(['Everything else', 'fallback'], array_slice($some[1], 5));
        $text = implode("\n", array_map(static fn (array $row): string => implode(',', array_map(
            static fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"',
            $row,
        )), $all));
        self::assertSame(
            [0, []],
            array_values(array_intersect_key($this->bring($text)->json('preview'), ['changed' => 1, 'wrong' => 1])),
        );
    }

    private function bring(string $bytes): TestResponse
    {
        return $this->post(
            '/studio/in-and-out',
            ['file' => UploadedFile::fake()->createWithContent('supplier.csv', $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    /** @param  array<string, mixed>  $wishes */
    private function look(string $file, array $wishes): TestResponse
    {
        return $this->postJson("/studio/in-and-out/$file/look", $wishes);
    }

    /** @param  array<string, mixed>  $wishes */
    private function take(string $file, array $wishes): TestResponse
    {
        return $this->postJson("/studio/in-and-out/$file/take", $wishes);
    }

    /** @return list<list<string>> */
    private function csv(string $query): array
    {
        $path = $this->get("/studio/in-and-out/products.csv$query")->assertOk()->baseResponse;
        ob_start();
        $path->sendContent();
        $text = preg_replace('/^\x{feff}/u', '', (string) ob_get_clean());
        $rows = [];
        foreach (explode("\r\n", trim((string) $text)) as $line) {
            $rows[] = array_map(strval(...), str_getcsv($line, escape: ''));
        }

        return $rows;
    }
}
