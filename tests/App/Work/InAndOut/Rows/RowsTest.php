<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Rows;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Rows\RowProblem;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\App\Work\InAndOut\Rows\RowsOutcome;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\NumberForm;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** Files of rows, out and in: found by key, only their columns, all or nothing, taken back as one. */
final class RowsTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = sys_get_temp_dir().'/vestibra-rows-'.getmypid().'.csv';
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        parent::tearDown();
    }

    public function test_a_suppliers_list_in_its_own_order_changes_stocks_and_nothing_else(): void
    {
        $skus = DB::table('variants')->orderByDesc('id')->limit(40)->pluck('sku')->all();
        $before = $this->variants();
        $lines = array_map(
            static fn (string $sku, int $at): string => "$sku;B-$at;\"1.2".sprintf('%02d', $at).',00"',
            $skus,
            array_keys($skus),
        );
        $done = $this->in("Artikel-Nr.;Lagerplatz;Bestand neu\r\n".implode("\r\n", $lines), new RowWishes(
            columns: ['artikel-nr.' => 'stock number', 'Bestand neu' => 'stock'],
        ));

        self::assertSame([], $this->said($done));
        self::assertSame([40, 40, ['stock' => 40]], [$done->rows, $done->changed, $done->fields]);
        self::assertSame(
            ['Artikel-Nr.' => 'stock number', 'Lagerplatz' => '', 'Bestand neu' => 'stock'],
            $done->columns,
        );
        $after = $this->variants();
        foreach ($skus as $at => $sku) {
            self::assertSame(1_200 + $at, $after[$sku]['stock']);
        }
        $without = static fn (array $variants): array => array_map(
            static fn (array $one): array => array_diff_key($one, ['stock' => true]),
            $variants,
        );
        self::assertSame($without($before), $without($after));
        self::assertSame(array_diff_key($before, array_flip($skus)), array_diff_key($after, array_flip($skus)));
        self::assertSame(0, $this->again(new RowWishes(
            columns: ['artikel-nr.' => 'stock number', 'Bestand neu' => 'stock'],
        ))->changed);

        self::assertInstanceOf(Saved::class, $this->app->make(Saving::class)->takeBack($done->entry, $this->owner));
        self::assertSame($before, $this->variants());
    }

    public function test_what_goes_out_comes_in_and_changes_nothing(): void
    {
        DB::table('variants')->where('id', 1)->update(['sku' => '=1+1', 'barcode' => '4006381333931', 'stock' => null]);
        DB::table('variants')->where('id', 2)->update(['sku' => "-x\",;y'", 'sale_price' => 1, 'sale_from' => null]);
        DB::table('products')->where('id', 1)->update(['title' => '@SUM(A1)']);
        $written = $this->app->make(RowsOut::class)->write($this->path, false);
        self::assertSame(DB::table('variants')->count(), $written);
        self::assertNull($this->app->make(RowsOut::class)->write($this->path, false), 'It is there already.');
        self::assertStringContainsString("'=1+1", (string) file_get_contents($this->path));
        $done = $this->again(new RowWishes(emptied: true));

        self::assertSame([], $this->said($done));
        self::assertSame([$written, 0, 0], [$done->rows, $done->changed, $done->entry]);
        self::assertSame(
            ['stock number', 'price', 'sale price', 'stock', 'bar code', 'for sale'],
            array_values(array_intersect(
                $done->columns,
                ['stock number', 'price', 'sale price', 'stock', 'bar code', 'for sale'],
            )),
        );
    }

    public function test_where_there_is_no_room_no_half_file_is_left(): void
    {
        if (! is_writable('/dev/full')) {
            self::markTestSkipped('This machine has no device that is always full.');
        }
        symlink('/dev/full', "$this->path.new");
        self::assertNull($this->app->make(RowsOut::class)->write($this->path, false));
        self::assertFalse(is_link("$this->path.new"));
        self::assertFileDoesNotExist($this->path);
    }

    public function test_long_rows_are_read_a_few_at_a_time(): void
    {
        $sku = (string) DB::table('variants')->orderBy('id')->value('sku');
        $file = "stock number,stock,note\n$sku,77,\n";
        for ($row = 0; $row < 60; $row++) {
            $file .= "nobody-$row,1,".str_repeat('x', 240_000)."\n";
        }
        file_put_contents($this->path, $file);
        unset($file);
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $done = $this->again(new RowWishes(goodOnly: true));

        self::assertSame([61, 1, 60], [$done->rows, $done->changed, $done->wrong]);
        self::assertLessThan(12_000_000, memory_get_peak_usage() - $before);
    }

    public function test_one_row_that_cannot_be_taken_keeps_all_from_being_taken_unless_the_good_ones_are_wanted(): void
    {
        [$one, $two] = DB::table('variants')->orderBy('id')->limit(2)->pluck('sku')->all();
        $file = "stock number,stock,price\n$one,7,\n$two,lots,\n";
        $before = $this->variants();
        $done = $this->in($file);
        self::assertSame(['line 3, stock “lots”: NOT_A_COUNT'], array_map(
            static fn (string $said): string => preg_replace('/: .*/', ': NOT_A_COUNT', $said) ?? '',
            $this->said($done),
        ));
        self::assertSame([0, 1, $before], [$done->entry, $done->wrong, $this->variants()]);
        self::assertSame(0, DB::table('catalogue_entries')->count());

        $done = $this->again(new RowWishes(goodOnly: true));
        self::assertSame([1, 1, 7], [$done->changed, $done->wrong, $this->variants()[$one]['stock']]);
        self::assertSame($before[$two], $this->variants()[$two]);
        self::assertSame(1, DB::table('catalogue_entries')->count());
    }

    /** @return iterable<string, array{string, string}> rows below "stock number,stock,price", what is said */
    public static function troubles(): iterable
    {
        yield 'a key that is nearly one' => ['LF-OOO1,3,', 'line 2, stock number “LF-OOO1”: There is no such stock'];
        yield 'no key' => [',3,', 'line 2, stock number: The row has no stock number.'];
        yield 'a rounded key' => ['1E+12,3,', 'line 2, stock number “1E+12”: A spreadsheet has rounded'];
        yield 'a key twice' => ["{1},3,\n{1},4,", 'line 3, stock number “{1}”: The same stock number stands in line 2'];
        yield 'a price below nothing' => ['{1},3,-5', 'line 2, price “-5”'];
        yield 'an amount that can be read in two ways' => ['{1},3,"1,234"', 'line 2, price “1,234”'];
        yield 'a leap' => ['{1},3,99999.00', 'line 2, price “99999.00”: The price leaps from'];
        yield 'half a piece' => ['{1},2.5,', 'line 2, stock “2.5”'];
        yield 'too many cells' => ['{1},3,4.00,5', 'line 2, stock number “{1}”: The row has 4 cells'];
        yield 'quotes that stay open' => ["{1},\"3,4.00\n", 'line 2, stock number “{1}”: A quote opens a cell'];
        yield 'no number at all' => ['{1},NaN,', 'line 2, stock “NaN”'];
    }

    #[DataProvider('troubles')]
    public function test_each_trouble_is_said_with_its_line_and_changes_nothing(string $rows, string $words): void
    {
        $sku = (string) DB::table('variants')->orderBy('id')->value('sku');
        $before = $this->variants();
        $said = $this->said($this->in("stock number,stock,price\n".str_replace('{1}', $sku, $rows)));

        self::assertCount(1, $said, implode("\n", $said));
        self::assertStringStartsWith(str_replace('{1}', $sku, $words), $said[0]);
        self::assertSame($before, $this->variants());
        self::assertSame(0, DB::table('catalogue_entries')->count());
    }

    public function test_what_the_shop_refuses_is_said_with_its_line_and_a_row_counts_once(): void
    {
        [$one, $two, $three] = DB::table('variants')->orderByDesc('id')->limit(3)->pluck('sku')->all();
        DB::table('variants')->update(['price' => 1_000, 'sale_price' => null]);
        $file = "stock number,sale price,bar code,stock\n$one,9.00,,5\n$two,20.00,,6\n$three,,12,lots\n";
        $done = $this->in($file, new RowWishes(goodOnly: true));

        self::assertSame([3, 1, 2], [$done->rows, $done->changed, $done->wrong]);
        self::assertSame([4, 4, 3], array_column($done->problems, 'line'));
        self::assertSame(
            [900, 5],
            [$this->variants()[$one]['sale_price'], $this->variants()[$one]['stock']],
        );
        self::assertNotSame(6, $this->variants()[$two]['stock']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'nothing' => ['', 'There is nothing in the file.'];
        yield 'a header alone of nothing known' => ['a,b', 'No column tells which variant'];
        yield 'a key alone' => ["stock number\nLF-1", 'Besides the key no column'];
        yield 'a column twice' => ["stock number,price,Price\n", 'The columns “price” and “Price” are the same.'];
        yield 'a picture' => ["\x89PNG\r\n\x1A\n\0\0\0\rIHDR", 'No column tells which variant'];
    }

    #[DataProvider('files')]
    public function test_what_is_no_such_file_is_refused_as_a_whole(string $file, string $words): void
    {
        $done = $this->in($file);

        self::assertStringStartsWith($words, $this->said($done)[0]);
        self::assertSame([0, 0], [$done->problems[0]->line, $done->changed]);
    }

    public function test_what_was_probably_meant_is_said(): void
    {
        DB::table('variants')->where('id', 1)->update(['sku' => '000123']);
        DB::table('variants')->where('id', 2)->update(['sku' => 'LF-0102-F-NV']);
        $done = $this->in("stock number,stock\n123,1\nLF-0102-F-MV,1\nlf-0102-f-nv,1\nsomething else,1\n");

        self::assertSame(
            ['000123', 'LF-0102-F-NV', 'LF-0102-F-NV', null],
            array_column($done->problems, 'meant'),
        );
    }

    public function test_rows_are_found_by_bar_code_and_by_the_address_name_of_what_has_one_variant(): void
    {
        DB::table('variants')->where('id', 1)->update(['barcode' => '4006381333931']);
        self::assertSame(1, $this->in("bar code,stock\n4006381-333931,77\n")->changed);
        self::assertSame(77, DB::table('variants')->where('id', 1)->value('stock'));

        $slug = static fn (int $variants): string => (string) DB::table('products')
            ->whereIn('id', DB::table('variants')->select('product_id')->groupBy('product_id')
                ->havingRaw($variants === 1 ? 'count(*) = 1' : 'count(*) > 1'))
            ->orderBy('id')->value('slug');
        $done = $this->in("address name,stock\n{$slug(1)},78\n{$slug(2)},79\n", new RowWishes(goodOnly: true));
        self::assertSame([1, 1], [$done->changed, $done->wrong]);
        self::assertStringContainsString('Name the one by its stock number.', $this->said($done)[0]);
    }

    public function test_numbers_are_read_as_the_column_or_whoever_brings_it_says(): void
    {
        $sku = (string) DB::table('variants')->orderBy('id')->value('sku');
        $other = (string) DB::table('variants')->orderByDesc('id')->value('sku');
        DB::table('variants')->whereIn('sku', [$sku, $other])->update(['price' => 100_000, 'sale_price' => null]);
        $this->in("stock number;price\n$sku;1.234,56\n$other;1.200\n");
        self::assertSame([123_456, 120_000], [$this->variants()[$sku]['price'], $this->variants()[$other]['price']]);
        self::assertCount(1, $this->said($this->in("stock number;price\n$sku;1.300\n")));
        $file = "stock number;price\n$sku;1.300\n";
        self::assertSame(1, $this->in($file, new RowWishes(numbers: NumberForm::Comma))->changed);
        self::assertSame(130_000, $this->variants()[$sku]['price']);
    }

    public function test_days_are_read_as_the_column_or_whoever_brings_it_says(): void
    {
        $skus = DB::table('variants')->orderBy('id')->limit(3)->pluck('sku')->all();
        DB::table('variants')->whereIn('sku', $skus)->update(['sale_price' => 1, 'sale_from' => null]);
        $from = fn (): array => array_map(
            fn (string $sku): ?string => $this->variants()[$sku]['sale_from'],
            $skus,
        );
        $days = "$skus[0];3.2.2027\n$skus[1];14.2.2027\n$skus[2];1.3.2027 08:30\n";
        $this->in("stock number;first day of the sale\n$days");
        self::assertSame(['2027-02-03 00:00:00', '2027-02-14 00:00:00', '2027-03-01 08:30:00'], $from());

        $file = "stock number,first day of the sale\n$skus[0],4/5/2027\n$skus[1],5/5/2027\n";
        self::assertSame(
            ['line 2, first day of the sale “4/5/2027”: “4/5/2027” can be read as two days. Say whether days are '
                .'written with the day or the month first (on the console with --days=day or --days=month).'],
            $this->said($this->in($file)),
        );
        self::assertSame(2, $this->in($file, new RowWishes(days: DayForm::MonthFirst))->changed);
        self::assertSame(['2027-04-04 23:00:00', '2027-05-04 23:00:00'], array_slice($from(), 0, 2));
        self::assertSame(1, $this->in($file, new RowWishes(days: DayForm::DayFirst))->changed);

        $number = $this->in("stock number,first day of the sale\n$skus[0],46500\n");
        self::assertSame(['2027-04-23', 0], [$number->problems[0]->meant, $number->changed]);
        $slug = (string) DB::table('products')->orderBy('id')->value('slug');
        $made = $this->in("address name,First made\n$slug,31/12/2019\n");
        self::assertSame(['2019-12-31'], $made->shown[2][0]->after['fact:'.$this->id('facts', 'First made')] ?? null);
        self::assertSame('2019-12-31', $this->in("address name,First made\n$slug,43830\n")->problems[0]->meant);
        self::assertSame(2, Artisan::call("vestibra:catalogue import $this->path --json --days=year"));
    }

    public function test_an_empty_cell_leaves_or_empties_as_wanted_and_a_leap_can_be_meant(): void
    {
        $sku = (string) DB::table('variants')->orderBy('id')->value('sku');
        DB::table('variants')->where('sku', $sku)->update(['price' => 1_000, 'sale_price' => 900, 'stock' => 3]);
        $file = "stock number,sale price,stock\n$sku,,4\n";
        $this->in($file);
        self::assertSame([900, 4], [$this->variants()[$sku]['sale_price'], $this->variants()[$sku]['stock']]);
        $this->in($file, new RowWishes(emptied: true));
        self::assertNull($this->variants()[$sku]['sale_price']);
        self::assertSame(0, $this->in("stock number,price\n$sku,100.00\n")->changed);
        self::assertSame(1, $this->in("stock number,price\n$sku,100.00\n", new RowWishes(leaping: true))->changed);
    }

    public function test_many_rows_are_one_piece_of_the_history(): void
    {
        MoreProducts::fillUpTo(400);
        $before = $this->variants();
        self::assertGreaterThan(1_000, count($before));
        $file = "stock number,stock\n".implode("\n", array_map(
            static fn (string $sku): string => "\"$sku\",123456",
            array_keys($before),
        ));
        $done = $this->in($file);
        self::assertSame(count($before), $done->changed);
        self::assertSame(1, DB::table('catalogue_entries')->whereNull('part_of_id')->count());
        self::assertGreaterThan(1, DB::table('catalogue_entries')->count());
        $this->app->make(Saving::class)->takeBack($done->entry, $this->owner);
        self::assertSame($before, $this->variants());
    }

    public function test_on_the_console_a_try_changes_nothing_and_outcomes_say_how_it_went(): void
    {
        $sku = (string) DB::table('variants')->orderBy('id')->value('sku');
        file_put_contents($this->path, "stock number,stock\n$sku,4321\nnobody,1\n");
        $run = function (string $options): array {
            $status = Artisan::call("vestibra:catalogue import $this->path --json $options");

            return [$status, json_decode(Artisan::output(), true)];
        };
        [$status, $said] = $run('--dry-run');
        self::assertSame([1, 3, 'stock number', 'nobody'], [
            $status, $said['problems'][0]['line'], $said['problems'][0]['column'], $said['problems'][0]['written'],
        ]);
        [$status, $said] = $run('--dry-run --good');
        self::assertSame([0, 1, 0], [$status, $said['changed'], $said['entry']]);
        self::assertNotSame(4321, $this->variants()[$sku]['stock']);
        [$status, $said] = $run('--good');
        self::assertSame([0, 1, 4321], [$status, $said['changed'], $this->variants()[$sku]['stock']]);
        self::assertSame(2, Artisan::call("vestibra:catalogue import $this->path --json --numbers=roman"));
        self::assertSame(1, Artisan::call('vestibra:catalogue import /nowhere/at-all.csv --json'));
        self::assertSame(0, Artisan::call("vestibra:catalogue export $this->path --over"));
        self::assertStringContainsString('variants stand in', Artisan::output());
        self::assertSame(0, Artisan::call("vestibra:catalogue import $this->path"));
        self::assertStringContainsString('The shop is as the file says: nothing was changed.', Artisan::output());
    }

    public function test_while_somebody_else_writes_it_is_said_and_nothing_changes(): void
    {
        $before = $this->variants();
        $sku = array_key_first($before);
        file_put_contents($this->path, "stock number,stock\n$sku,4321\n");
        $other = new PDO('sqlite:'.config()->string('database.connections.sqlite.database'));
        $other->exec('begin immediate');
        DB::statement('pragma busy_timeout = 0');
        self::assertSame(1, Artisan::call("vestibra:catalogue import $this->path"));
        self::assertStringContainsString('Somebody else is writing just now. Nothing was changed', Artisan::output());
        $other->exec('rollback');

        self::assertSame($before, $this->variants());
        self::assertSame(0, Artisan::call("vestibra:catalogue import $this->path"));
    }

    private function in(string $file, RowWishes $wishes = new RowWishes): RowsOutcome
    {
        file_put_contents($this->path, $file);

        return $this->again($wishes);
    }

    private function again(RowWishes $wishes = new RowWishes): RowsOutcome
    {
        $this->anew();

        return $this->app->make(RowsIn::class)->read($this->path, $this->owner, $wishes);
    }

    /** @return list<string> */
    private function said(RowsOutcome $done): array
    {
        return array_map(static fn (RowProblem $one): string => ($one->line === 0 ? '' : "line $one->line, $one->column"
            .($one->written === '' ? '' : " “{$one->written}”").': ').ProblemWords::of($one->problem), $done->problems);
    }

    /** @return array<string, array<string, mixed>> by stock number */
    private function variants(): array
    {
        $variants = [];
        foreach (DB::table('variants')->orderBy('id')->get() as $row) {
            $variants[(string) $row->sku] = (array) $row;
        }

        return $variants;
    }
}
