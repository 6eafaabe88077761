<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Search;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Lists\Search\SearchSettings;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What a search found is found again without looking, as long as looking would find the same. */
final class KeptHitsTest extends TestCase
{
    /** With a slip each, so that what they find is kept however little it is. */
    private const QUERIES = ['fountian pen', 'notbook', 'botled ink', 'teal tied', 'envelpe', 'sealing wxa'];

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 5; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_whatever_happened_is_found_as_by_looking(Chance $chance): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        for ($step = 1; $step <= 40; $step++) {
            $query = $chance->pick(self::QUERIES);
            $before = $this->found($query)['ids'];
            $happened = $this->something(
                $chance,
                $step,
                (int) $chance->pick($before === [] || $chance->oneIn(4) ? range(1, 110) : $before),
            );
            $found = $this->found($query);
            // Words that are near are those that were counted a while ago: they stay as they were.
            $vocabulary = Cache::get('words of '.md5(DB::getDatabaseName()));
            Cache::flush();
            $vocabulary === null || Cache::put('words of '.md5(DB::getDatabaseName()), $vocabulary, 300);

            self::assertSame($this->found($query), $found, "seed $chance->seed, step $step, $query: $happened");
        }
    }

    public function test_it_is_not_looked_for_again(): void
    {
        $first = $this->found('fountian pen');
        self::assertNotSame([], $first['ids']);
        self::assertSame(['fountian' => ['fountain']], $first['corrected']);
        DB::flushQueryLog();
        DB::enableQueryLog();
        self::assertSame($first, $this->found('fountian pen'));
        self::assertStringNotContainsString('match', implode(' ', array_column(DB::getQueryLog(), 'query')));
        DB::disableQueryLog();
    }

    public function test_two_that_come_to_the_same_place_are_told_apart(): void
    {
        $queries = [];
        foreach (['fountian', 'notbook', 'botled', 'envelpe', 'wxa'] as $slip) {
            foreach (range('a', 'o') as $letter) {
                $queries[] = "$slip $letter";
            }
        }
        self::assertGreaterThan(64, count($queries));
        $found = array_map($this->found(...), $queries);
        foreach (array_reverse(array_keys($queries)) as $at) {
            self::assertSame($found[$at], $this->found($queries[$at]), $queries[$at]);
        }
    }

    public function test_little_that_was_found_as_it_was_typed_takes_no_room(): void
    {
        $this->found('fountain pen');
        DB::enableQueryLog();
        $this->found('fountain pen');

        self::assertStringContainsString('match', implode(' ', array_column(DB::getQueryLog(), 'query')));
        DB::disableQueryLog();
    }

    public function test_stock_counts_where_it_comes_or_runs_out(): void
    {
        $changes = static fn (): int => (int) DB::table('searched')->value('changes');
        DB::table('variants')->where('id', 1)->update(['stock' => 5]);
        $before = $changes();
        DB::table('variants')->where('id', 1)->update(['stock' => 4]);
        DB::table('variants')->where('id', 1)->update(['stock' => null]);
        DB::table('variants')->where('id', 1)->update(['price' => 99]);
        self::assertSame($before, $changes());
        DB::table('variants')->where('id', 1)->update(['stock' => 0]);
        self::assertSame($before + 1, $changes());
        DB::table('variants')->where('id', 1)->update(['stock' => -2]);
        self::assertSame($before + 1, $changes());
        DB::table('variants')->where('id', 1)->update(['stock' => 1]);
        self::assertSame($before + 2, $changes());
    }

    public function test_whatever_a_search_looks_at_counts(): void
    {
        $product = (int) DB::table('products')->insertGetId([
            'slug' => 'without-variants', 'title' => 'Without variants', 'title_folded' => 'without variants',
            'added_at' => '2026-11-01 00:00:00',
        ]);
        $variant = DB::table('variants')->where('id', 1);
        foreach ([
            'a variant is hidden' => static fn () => $variant->update(['published' => false]),
            'a variant moves' => static fn () => $variant->update(['product_id' => $product]),
            'a code' => static fn () => $variant->update(['sku' => 'ANOTHER']),
            'a barcode' => static fn () => $variant->update(['barcode' => '12345']),
            'a variant comes' => static fn () => DB::table('variants')->insert([
                'product_id' => 2, 'sku' => 'COMES', 'price' => 5, 'published' => true,
            ]),
            'a variant goes' => static fn () => $variant->delete(),
            'a product is hidden' => static fn () => DB::table('products')->where('id', 2)->update([
                'published' => false,
            ]),
            'a product goes' => static fn () => DB::table('products')->where('id', $product)->delete(),
        ] as $what => $happens) {
            $before = (int) DB::table('searched')->value('changes');
            $happens();
            self::assertSame($before + 1, (int) DB::table('searched')->value('changes'), $what);
        }
    }

    private function something(Chance $chance, int $step, int $id): string
    {
        $variant = DB::table('variants')->where('id', DB::table('variants')->where('product_id', $id)->min('id'));
        $what = $chance->pick([
            'nothing', 'title', 'title', 'sold out', 'sold out', 'hidden', 'hidden', 'deleted', 'sku', 'barcode',
            'variant hidden', 'variant deleted', 'variant moved', 'variant made', 'shown', 'only code',
            'synonyms', 'weights', 'forgotten',
        ]);
        match ($what) {
            'nothing' => null,
            'title' => $this->named($chance, $id),
            'sold out' => DB::table('variants')->where('product_id', $id)->update(['stock' => $chance->number(-1, 2)]),
            'hidden' => DB::table('products')->where('id', $id)->update(['published' => $chance->oneIn(2)]),
            'deleted' => DB::table('products')->where('id', $id)->delete(),
            'sku' => $variant->update(['sku' => $chance->oneIn(2) ? "NOTBOOK-$step" : "FOUNTIAN-PEN-$step"]),
            'barcode' => $variant->update(['barcode' => 'botled ink']),
            'variant hidden' => $variant->update(['published' => $chance->oneIn(2)]),
            'variant deleted' => $variant->delete(),
            'variant moved' => $variant->update(['product_id' => DB::table('products')->max('id')]),
            'variant made' => DB::table('products')->where('id', $id)->exists() && DB::table('variants')->insert([
                'product_id' => $id, 'sku' => "BOTLED-INK-$step", 'price' => 5, 'published' => true, 'stock' => 1,
            ]),
            'shown' => DB::table('products')->update(['published' => true]),
            'only code' => DB::table('variants')->where('sku', 'like', '%OTLED-INK%')->delete(),
            'synonyms' => DB::table('synonyms')->insert(['words' => json_encode(
                [$chance->pick(['notbook', 'envelpe', 'tied']), $chance->pick(['ink', 'card', 'desk'])],
                JSON_THROW_ON_ERROR,
            )]),
            'weights' => SearchSettings::set(['title' => $chance->number(0, 10), 'brand' => $chance->number(0, 10)]),
            'forgotten' => ProductIndex::forget($id),
        };

        return "$what $id";
    }

    private function named(Chance $chance, int $id): void
    {
        DB::table('products')->where('id', $id)->update([
            'title' => $chance->pick(['A fountain pen', 'Notebook and ink', 'Envelope', 'Wax, bottled']),
        ]);
        ProductIndex::refresh($id);
    }

    /** @return array{ids: list<int>, total: int, corrected: array<string, list<string>>, left: list<string>} */
    private function found(string $typed): array
    {
        $this->anew();
        $index = $this->app->make(SearchIndex::class);
        $query = Query::of($typed);
        $hits = $index->find($query);

        return [
            'ids' => $index->page($query, '1', 1_000, 0),
            'total' => $hits->total,
            'corrected' => $hits->corrected(),
            'left' => $hits->leftOut,
        ];
    }
}
