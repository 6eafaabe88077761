<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Search;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\Sql\HitsSql;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\Core\Selling\Search\HitStep;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\Ranking;
use Vestibra\Core\Selling\Search\SearchedProduct;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Wanted;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/**
 * The database finds what the core finds, in the same order, on generated shops. How well something fits is SQLite's
 * own bm25() there (sqlite.org/fts5.html) and the core's here.
 */
final class RankingTest extends TestCase
{
    private const WORDS = ['ink', 'inks', 'inkwell', 'teal', 'tea', 'pen', 'pens', 'nib', 'blue', 'black', 'paper'];

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_what_is_found_and_its_order_are_those_of_the_core(Chance $chance): void
    {
        $shop = $this->shop($chance);
        $steps = [];
        for ($search = 1; $search <= 40; $search++) {
            $ranking = $this->drawn($chance);
            foreach ($shop as $product) {
                $steps[$ranking->step($product)->name ?? 'none'] = true;
            }
            $sql = HitsSql::of($ranking);

            self::assertSame(
                $ranking->order($shop),
                array_map(intval(...), array_column(Database::rows($sql->text, $sql->bindings), 'id')),
                "seed $chance->seed, search $search: ".json_encode($ranking),
            );
        }
        foreach (HitStep::cases() as $step) {
            self::assertArrayHasKey($step->name, $steps, 'Every step is tried.');
        }
    }

    private function drawn(Chance $chance): Ranking
    {
        $word = static fn (): string => $chance->pick(self::WORDS);
        $typed = match ($chance->number(1, 6)) {
            1 => 'c-'.$chance->number(10, 13),
            2 => 'C '.$chance->number(10, 13),
            3 => '40063813339'.$chance->number(10, 13),
            default => $word().($chance->oneIn(2) ? ' '.$word() : ''),
        };
        $query = Query::of($typed);
        $wanted = array_map(static fn (string $one): Wanted => new Wanted(
            $one,
            $chance->oneIn(4) ? [$word().' '.$word(), $word()] : [],
            $chance->oneIn(5) ? [$word()] : [],
        ), $query->words);
        $weights = [];
        foreach (SearchField::cases() as $field) {
            $weights[$field->value] = $chance->oneIn(6) ? 0 : $chance->number(1, 10);
        }

        return new Ranking($query, $wanted, $weights, $chance->pick([3, 10, 5_000]), $chance->pick([4, 3_000]));
    }

    /** @return list<SearchedProduct> as many as the test's shop has */
    private function shop(Chance $chance): array
    {
        Variant::query()->delete();
        DB::delete('delete from product_words');
        $shop = [];
        foreach (Product::query()->orderBy('id')->pluck('id')->all() as $id) {
            $shop[] = $this->product($chance, (int) $id);
        }
        self::assertGreaterThan(50, count($shop));

        return $shop;
    }

    private function product(Chance $chance, int $id): SearchedProduct
    {
        $words = [];
        foreach (SearchField::cases() as $field) {
            if ($field === SearchField::Codes) {
                continue;
            }
            $words[$field->value] = [];
            for ($more = $chance->number(0, $field === SearchField::Title ? 4 : 2); $more > 0; $more--) {
                $words[$field->value][] = $chance->pick(self::WORDS);
            }
        }
        DB::table('product_words')->insert(['rowid' => $id] + array_map(
            static fn (array $some): string => implode(' ', $some),
            $words,
        ));
        $isShown = ! $chance->oneIn(8);
        Product::query()->whereKey($id)->update(['published' => $isShown]);
        $skus = $barcodes = [];
        $inStock = false;
        for ($number = $chance->number(0, 2); $number > 0; $number--) {
            $published = ! $chance->oneIn(4);
            $stock = $chance->number(0, 1);
            $sku = "C-{$chance->number(10, 13)}-$id-$number";
            $sku = $chance->oneIn(12) && ! Variant::query()->where('sku', substr($sku, 0, 4))->exists()
                ? substr($sku, 0, 4)
                : $sku;
            $barcode = $chance->oneIn(4) ? '40063813339'.$chance->number(10, 13) : '';
            Variant::query()->insert([
                'product_id' => $id, 'sku' => $sku, 'barcode' => $barcode, 'price' => 100, 'stock' => $stock,
                'published' => $published,
            ]);
            if ($published) {
                [$skus[], $barcodes[], $inStock] = [$sku, $barcode, $inStock || $stock > 0];
            }
        }

        return new SearchedProduct($id, $words, $skus, $barcodes, $inStock, $isShown);
    }
}
