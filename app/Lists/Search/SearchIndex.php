<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Normalizer;
use Vestibra\App\Ground\NoRoom;
use Vestibra\Core\Selling\Search\Nearest;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Synonyms;
use Vestibra\Core\Selling\Search\Wanted;

/**
 * Finds products by words. All that is wanted has to be somewhere in a product: as it is, as the beginning of a word,
 * or as what means the same. Where nothing has a word, those a small typing error away are taken in its place; where
 * nothing is near either, it is left out.
 *
 * The order: products whose code is just what was typed; whose title has all of it as whole words; whose title has it
 * all; whose title and brand together have it all; the rest. Among those alike, what can be had comes before what is
 * sold out, and then the greater BM25 over the weighted fields (Robertson and Zaragoza 2009, "The Probabilistic
 * Relevance Framework: BM25 and Beyond", k1 = 1.2 and b = 0.75, as SQLite's FTS5 computes it:
 * sqlite.org/fts5.html#the_bm25_function).
 */
final class SearchIndex
{
    /** Of more than these BM25 says nothing: such words are everywhere. */
    private const MANY = 5_000;

    /** Of very many, these are put in order to the end: of the best, those that came last. */
    private const BEST = 3_000;

    private const SHORTEST_CODE = 3;

    /** So many are looked at for the first few of them. */
    private const SOME = 100;

    /** In seconds. */
    private const KEPT = 300;

    /** @var array<string, SearchHits> */
    private array $found = [];

    /** @var array<array-key, int>|null */
    private ?array $vocabulary = null;

    public function find(Query $query): SearchHits
    {
        return $this->found[implode(' ', $query->words).' '.$query->folded()] ??= $this->look($query);
    }

    /**
     * The first few, at once: of very many those that came last, what can be had first.
     *
     * @return list<int>
     */
    public function first(Query $query, int $most): array
    {
        $wanted = (new Synonyms(array_values(SearchSettings::synonyms())))->wanted($query->words);
        $weights = SearchSettings::weights();
        $anywhere = self::anywhere($wanted, $weights);
        foreach ($weights[SearchField::Title->value] > 0
            ? ['{title} : ('.self::expression($wanted, true).')', $anywhere]
            : [$anywhere] as $match) {
            $ids = array_column(DB::select(
                'select f.id from (select rowid as id from product_words where product_words match ? order by rowid '
                    .'desc limit '.self::SOME.') f join products p on p.id = f.id where p.published = 1'
                .' order by not exists (select 1 from variants v where v.product_id = p.id and v.published = 1 and '
                .'(v.stock is null or v.stock > 0)), f.id desc limit ?',
                [$match, $most],
            ), 'id');
            if (count($ids) === $most) {
                return $ids;
            }
        }
        $hits = $ids === [] ? $this->find($query) : null;

        return $hits === null ? $ids : array_column(
            DB::select("select product_id from $hits->table order by place limit ?", [$most]),
            'product_id',
        );
    }

    private function look(Query $query): SearchHits
    {
        $weights = SearchSettings::weights();
        $wanted = (new Synonyms(array_values(SearchSettings::synonyms())))->wanted($query->words);
        $wanted = array_map(
            fn (Wanted $one): Wanted => $one->same !== [] || $this->isKnown($one->words)
                ? $one
                : $one->near(Nearest::to(self::plain($one->words), $this->vocabulary())),
            $wanted,
        );
        $hits = $this->hits($query, $wanted, $weights);
        if ($hits->total > 0 || $query->isEmpty()) {
            return $hits;
        }
        // What is a word of the shop may still be another one with a slip.
        $near = array_map(
            fn (Wanted $one): Wanted =>
                $one->near !== [] ? $one : $one->near(Nearest::to(self::plain($one->words), $this->vocabulary())),
            $wanted,
        );
        $hits = $near == $wanted ? $hits : $this->hits($query, $near, $weights);
        $kept = array_values(array_filter($near, fn (Wanted $one): bool => $one->same !== []
            || $one->near !== []
            || $this->isKnown($one->words)));
        if ($hits->total > 0 || $kept === [] || count($kept) === count($near)) {
            return $hits;
        }
        $left = array_values(array_map(
            static fn (Wanted $one): string => $one->words,
            array_filter($near, static fn (Wanted $one): bool => ! in_array($one, $kept, true)),
        ));

        return $this->hits($query, $kept, $weights, $left);
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     * @param  list<string>  $leftOut
     */
    private function hits(Query $query, array $wanted, array $weights, array $leftOut = []): SearchHits
    {
        $table = 'found_'.substr(md5(serialize([$query->folded(), $wanted, $weights])), 0, 12);
        // What was found a moment ago on the same connection may be out of date.
        DB::statement("drop table if exists temp.$table");
        DB::statement("create temp table $table (place integer primary key, product_id integer unique)");
        if ($wanted !== []) {
            [$sql, $bindings] = $this->sql($query, $wanted, $weights);
            DB::insert("insert into temp.$table (product_id) $sql", $bindings);
        }
        $total = (int) DB::scalar("select count(*) from temp.$table");

        return new SearchHits("temp.$table", $total, $wanted, $leftOut);
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     * @return array{string, list<string>}
     */
    private function sql(Query $query, array $wanted, array $weights): array
    {
        $columns = array_diff_key($weights, [SearchField::Codes->value => true]);
        $anywhere = self::anywhere($wanted, $weights);
        $many = (int) DB::scalar('select count(*) from product_words where product_words match ?', [
            $anywhere,
        ]) > self::MANY;
        $code = str_replace(' ', '-', $query->folded());
        $begins = $weights[SearchField::Codes->value] > 0 && mb_strlen($code) >= self::SHORTEST_CODE;
        $tier = 'case when h.id in (select id from codes) then 0 when h.id in (select id from whole) then 1 when h.id '
            .'in (select id from title) then 2 when h.id in (select id from named) then 3 else 4 end';
        $soldOut = 'not exists (select 1 from variants v where v.product_id = h.id and v.published = 1 and (v.stock '
            .'is null or v.stock > 0))';

        return [
            'with codes as materialized (select product_id as id from variants where lower(sku) = ? and +published = '
                .'1 union select product_id from variants where barcode = ? and barcode <> \'\' and published = 1),'
            .' whole as materialized (select rowid as id from product_words where product_words match ?),'
            .' title as materialized (select rowid as id from product_words where product_words match ?),'
            .' named as materialized (select rowid as id from product_words where product_words match ?),'
            .' words as materialized (select rowid as id, '
            .($many ? '0' : 'bm25(product_words, '.implode(', ', $columns).')')
            .' as score from product_words where product_words match ?),'
            .' all_hits as materialized (select id, min(score) as score from (select id, score from words union all '
            .'select product_id, 0 from variants where lower(sku) >= ? and lower(sku) < ? and +published = 1'
            .' union all select id, 0 from codes) group by id),'
            ." hits as materialized (select h.id, h.score, $tier as tier from all_hits h),"
            .' best as materialized (select id from hits order by tier, id desc limit '.self::BEST.')'
            .' select h.id from hits h join products p on p.id = h.id where p.published = 1 order by '
            .(
                $many
                    ? "h.id not in (select id from best), h.tier, h.id in (select id from best) and $soldOut, h.id desc"
                    : "h.tier, $soldOut, h.score, h.id"
            ),
            [
                $code,
                $query->folded(),
                '{title} : ('.self::expression($wanted, false).')',
                '{title} : ('.self::expression($wanted, true).')',
                '{title brand} : ('.self::expression($wanted, true).')',
                $anywhere,
                $begins ? $code : "\u{10FFFF}",
                $begins ? $code."\u{10FFFF}" : '',
            ],
        ];
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     * @return string what matches in a field that counts; without such a field there is nothing to look in
     */
    private static function anywhere(array $wanted, array $weights): string
    {
        $fields = implode(' ', array_keys(array_filter(array_diff_key($weights, [SearchField::Codes->value => true]))));

        return $fields === '' ? '""' : "{{$fields}} : (".self::expression($wanted, true).')';
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  bool  $beginnings  whether the beginning of a word is enough
     */
    private static function expression(array $wanted, bool $beginnings): string
    {
        $star = $beginnings ? ' *' : '';

        return implode(
            ' AND ',
            array_map(
                static fn (Wanted $one): string => '('.implode(
                    ' OR ',
                    array_map(
                        static fn (string $words): string => "\"$words\"$star",
                        [$one->words, ...$one->same, ...$one->near],
                    ),
                ).')',
                $wanted,
            ),
        );
    }

    /** Whether a word of the shop begins so. */
    private function isKnown(string $word): bool
    {
        $plain = self::plain($word);

        return DB::select(
            'select 1 from product_vocabulary where term >= ? and term < ? limit 1',
            [$plain, $plain."\u{10FFFF}"],
        ) !== [];
    }

    /**
     * Counting in how many products each word is takes long in a large shop: it is done once in a while. A new word is
     * found at once as it is, and a little later with a slip in it.
     *
     * @return array<array-key, int>
     */
    public function vocabulary(): array
    {
        if ($this->vocabulary !== null) {
            return $this->vocabulary;
        }
        $key = 'words of '.md5(DB::connection()->getDatabaseName());
        $kept = Cache::get($key);
        if (is_array($kept)) {
            return $this->vocabulary = array_filter($kept, is_int(...));
        }
        $counted = array_filter(
            array_column(DB::select('select term, doc from product_vocabulary'), 'doc', 'term'),
            is_int(...),
        );
        NoRoom::passOver(static fn () => Cache::put($key, $counted, self::KEPT));

        return $this->vocabulary = $counted;
    }

    /** As the index has it: without what stands above or below a letter. */
    private static function plain(string $word): string
    {
        return preg_replace('/\p{Mn}+/u', '', (string) normalizer_normalize($word, Normalizer::FORM_D)) ?? $word;
    }
}
