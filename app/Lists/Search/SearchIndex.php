<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Illuminate\Support\Facades\Cache;
use Normalizer;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\Sql\FoundProducts;
use Vestibra\App\Lists\Search\Sql\HitsSql;
use Vestibra\Core\Selling\Search\Nearest;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\Ranking;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Synonyms;
use Vestibra\Core\Selling\Search\Wanted;

/**
 * Finds products by words. All that is wanted has to be somewhere in a product: as it is, as the beginning of a word,
 * or as what means the same. Where nothing has a word, those a small typing error away are taken in its place; where
 * nothing is near either, it is left out.
 *
 * The order is that of the core's `Ranking`; how well something fits, SQLite says (sqlite.org/fts5.html, bm25).
 */
final class SearchIndex
{
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
     * A page of what is found, the best first.
     *
     * @param  string  $held  SQL, which products called `p` are left of it
     * @return list<int>
     */
    public function page(Query $query, string $held, int $most, int $from): array
    {
        return array_column(FoundProducts::page($this->find($query), $held, $most, $from), 'id');
    }

    /**
     * The first few, at once: of very many those that came last, what can be had first.
     *
     * @return list<int>
     */
    public function first(Query $query, int $most): array
    {
        $wanted = (new Synonyms(array_values(SearchSettings::synonyms())))->wanted($query->words);
        $ranking = new Ranking($query, $wanted, SearchSettings::weights());
        foreach ([$ranking->fields(SearchField::Title), $ranking->fields()] as $fields) {
            $ids =
                array_column(FoundProducts::first(self::SOME, HitsSql::in($fields, $wanted), $most), 'id');
            if (count($ids) === $most) {
                return $ids;
            }
        }
        $hits = $ids === [] ? $this->find($query) : null;

        return $hits === null ? $ids : array_column(
            FoundProducts::hits($hits, $most),
            'product_id',
        );
    }

    private function look(Query $query): SearchHits
    {
        $weights = SearchSettings::weights();
        $wanted = (new Synonyms(array_values(SearchSettings::synonyms())))->wanted($query->words);
        $asked = serialize([$query->words, $query->folded(), $wanted, $weights]);
        $kept = KeptHits::of($asked);
        if ($kept !== null) {
            return $this->again($asked, ...$kept);
        }
        $changes = FoundProducts::changes();
        $hits = $this->anew($query, $wanted, $weights);
        KeptHits::keep($asked, $changes, $hits);

        return $hits;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  list<string>  $left
     * @param  string  $ids  as JSON, the best first
     */
    private function again(string $asked, array $wanted, array $left, string $ids): SearchHits
    {
        $table = self::table($asked);
        FoundProducts::fillAgain($table, $ids);

        return new SearchHits("temp.$table", (int) FoundProducts::count($table), $wanted, $left);
    }

    /** @return string a table of this connection; what it found a moment ago may be out of date */
    private static function table(string $of): string
    {
        $table = 'found_'.substr(md5($of), 0, 12);
        FoundProducts::letGo($table);
        FoundProducts::make($table);

        return $table;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     */
    private function anew(Query $query, array $wanted, array $weights): SearchHits
    {
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
        $table = self::table(serialize([$query->folded(), $wanted, $weights]));
        if ($wanted !== []) {
            $found = HitsSql::of(new Ranking($query, $wanted, $weights));
            FoundProducts::fill($table, $found->text, $found->bindings);
        }
        $total = (int) FoundProducts::count($table);

        return new SearchHits("temp.$table", $total, $wanted, $leftOut);
    }

    /** Whether a word of the shop begins so. */
    private function isKnown(string $word): bool
    {
        $plain = self::plain($word);

        return FoundProducts::begins($plain) !== [];
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
        $key = 'words of '.md5(Database::name());
        $kept = Cache::get($key);
        if (is_array($kept)) {
            return $this->vocabulary = array_filter($kept, is_int(...));
        }
        $counted = array_filter(
            array_column(FoundProducts::vocabulary(), 'doc', 'term'),
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
