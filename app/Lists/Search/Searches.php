<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Illuminate\Support\Facades\DB;
use PDOException;
use stdClass;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\Sql\SearchStatistics;
use Vestibra\App\Lists\Search\Sql\WordsOfTheShop;
use Vestibra\App\Records\Models\Shop\Search as SearchRow;
use Vestibra\App\Records\Models\Shop\SearchDay;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Selling\Search\Query;

/**
 * What customers looked for: words and a number for each day, and nothing about who it was.
 *
 * @phpstan-type Search array{id: int, name: string, results: int, times: int, lastOn: string|null}
 *
 * @shape Search
 * @shape SearchPage array{rows: list<Search>, more: bool, total: int}
 */
final readonly class Searches
{
    public const PAGE = 30;

    /** So many days count, and are kept. */
    public const DAYS = 90;

    /** So many searches that nobody made before are noted in a day: what comes in thousands are machines. */
    private const MOST_NEW = 2_000;

    private const ASKED_AGAIN = 100;

    /** In milliseconds. */
    private const PATIENCE = 50;

    public function __construct(private ShopClock $clock)
    {
    }

    /** While somebody else writes for long it is not counted: no customer waits for a number. */
    public function note(Query $query, SearchHits $hits): void
    {
        if ($query->isEmpty()) {
            return;
        }
        $patience = (int) Database::patience();
        Database::wait(self::PATIENCE);
        try {
            $this->count($query, ['results' => $hits->withAll(), 'as_typed' => $hits->corrected() === []]);
        } catch (PDOException $error) {
            str_contains($error->getMessage(), 'locked') || NoRoom::isBehind($error) || throw $error;
        } finally {
            Database::wait($patience);
        }
    }

    /** @param  array{results: int, as_typed: bool}  $found */
    private function count(Query $query, array $found): void
    {
        $day = $this->day();
        DB::transaction(function () use ($query, $found, $day): void {
            $id = SearchRow::query()->toBase()->where('name_folded', $query->folded())->value('id');
            if ($id === null) {
                if (
                    (int) SearchDay::query()->toBase()->where('day', $day)->where('times', 1)->count() >= self::MOST_NEW
                ) {
                    return;
                }
                $id = SearchRow::query()->toBase()
                    ->insertGetId(['name' => $query->text, 'name_folded' => $query->folded()] + $found);
            }
            SearchRow::query()->toBase()->where('id', $id)->update($found);
            $first = SearchDay::query()->toBase()->where('day', $day)->doesntExist();
            SearchDay::query()->toBase()->insertOrIgnore(['search_id' => $id, 'day' => $day, 'times' => 0]);
            SearchDay::query()->toBase()->where('search_id', $id)->where('day', $day)->increment('times');
            $first && $this->forget();
        });
    }

    /**
     * Those of the last so many days, what was looked for most often first.
     *
     * @param  bool  $nothing  only those that found nothing when somebody last asked
     * @return array{rows: list<Search>, more: bool, total: int}
     */
    public function page(bool $nothing, string $words, int $page): array
    {
        $where = ($nothing ? 's.results = 0' : '1').' and instr(s.name_folded, ?) > 0';
        $bindings = [$this->since(), Folding::fold($words)];
        $from = "from search_days d join searches s on s.id = d.search_id where d.day >= ? and $where group by s.id";
        $rows = SearchStatistics::page($from, $bindings, self::PAGE, $page);

        return [
            'rows' => array_map(
                static fn (stdClass $row): array => [
                    'id' => $row->id,
                    'name' => $row->name,
                    'results' => $row->results,
                    'times' => (int) $row->times,
                    'lastOn' => $row->last_on,
                ],
                array_slice($rows, 0, self::PAGE),
            ),
            'more' => count($rows) > self::PAGE,
            'total' => (int) SearchStatistics::total($from, $bindings),
        ];
    }

    /** @return list<string> what found something before, and begins so: the most often first */
    public function beginning(Query $query, int $most): array
    {
        return array_column(SearchStatistics::beginning($query, $this->since(), $most), 'name');
    }

    /** How many different searches found nothing in the last days. */
    public function nothing(): int
    {
        return (int) SearchStatistics::nothing($this->since());
    }

    /**
     * After some words began or ceased to mean the same: searches that have one of them, and what found nothing, are
     * asked again.
     *
     * @param  list<string>  $words
     */
    public function askAgain(SearchIndex $index, array $words): void
    {
        $has = implode(' or ', array_fill(0, count($words), 'instr(name_folded, ?) > 0'));
        foreach (SearchStatistics::askedAgain($has, self::ASKED_AGAIN, $words) as $row) {
            $hits = $index->find(Query::of($row->name));
            SearchRow::query()->toBase()
                ->where('id', $row->id)
                ->update(['results' => $hits->withAll(), 'as_typed' => $hits->corrected() === []]);
        }
    }

    /** Searches to look at a template with before customers made any: many, one, nothing, and awkward ones. */
    public function samples(SearchIndex $index): void
    {
        $title = (string) WordsOfTheShop::longestTitle();
        $word = (string) (
            WordsOfTheShop::mostUsed() ?? ''
        );
        $some = (string) (
            WordsOfTheShop::used($word)
                ?? ''
        );
        foreach (array_filter([
            $word, $some, $title, 'wrapping for elephants', '"'.$word.'" AND (ink OR pen) *', '🖋️ 💌',
            str_repeat('a very long query ', 600),
        ]) as $words) {
            $query = Query::of($words);
            SearchRow::query()->toBase()->insertOrIgnore([
                'name' => $query->text,
                'name_folded' => $query->folded(),
                'results' => $index->find($query)->withAll(),
                'is_sample' => true,
            ]);
        }
    }

    private function forget(): void
    {
        SearchDay::query()->toBase()->where('day', '<', $this->since())->delete();
        SearchRow::query()->toBase()
            ->where('is_sample', false)
            ->whereNotIn('id', SearchDay::query()->toBase()->select('search_id'))
            ->delete();
    }

    private function since(): string
    {
        return $this->clock->now()->modify('-'.self::DAYS.' days')->format('Y-m-d');
    }

    private function day(): string
    {
        return substr($this->clock->zone->wall($this->clock->now()), 0, 10);
    }
}
