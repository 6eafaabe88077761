<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Illuminate\Support\Facades\DB;
use PDOException;
use stdClass;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
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
        $patience = (int) DB::scalar('pragma busy_timeout');
        DB::statement('pragma busy_timeout = '.self::PATIENCE);
        try {
            $this->count($query, ['results' => $hits->withAll(), 'as_typed' => $hits->corrected() === []]);
        } catch (PDOException $error) {
            str_contains($error->getMessage(), 'locked') || NoRoom::isBehind($error) || throw $error;
        } finally {
            DB::statement("pragma busy_timeout = $patience");
        }
    }

    /** @param  array{results: int, as_typed: bool}  $found */
    private function count(Query $query, array $found): void
    {
        $day = $this->day();
        DB::transaction(function () use ($query, $found, $day): void {
            $id = DB::table('searches')->where('name_folded', $query->folded())->value('id');
            if ($id === null) {
                if ((int) DB::scalar('select count(*) from search_days where day = ? and times = 1', [
                    $day,
                ]) >= self::MOST_NEW) {
                    return;
                }
                $id = DB::table('searches')
                    ->insertGetId(['name' => $query->text, 'name_folded' => $query->folded()] + $found);
            }
            DB::table('searches')->where('id', $id)->update($found);
            $first = DB::table('search_days')->where('day', $day)->doesntExist();
            DB::statement(
                'insert into search_days (search_id, day, times) values (?, ?, 1) on conflict (day, search_id) do '
                    .'update set times = times + 1',
                [$id, $day],
            );
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
        $rows = DB::select(
            "select s.id, s.name, s.results, sum(d.times) as times, max(d.day) as last_on $from order by times desc, "
                .'last_on desc, s.id limit ? offset ?',
            [...$bindings, self::PAGE + 1, ($page - 1) * self::PAGE],
        );

        return [
            'rows' => array_values(array_map(
                static fn (stdClass $row): array => [
                    'id' => $row->id,
                    'name' => $row->name,
                    'results' => $row->results,
                    'times' => (int) $row->times,
                    'lastOn' => $row->last_on,
                ],
                array_slice($rows, 0, self::PAGE),
            )),
            'more' => count($rows) > self::PAGE,
            'total' => (int) DB::scalar("select count(*) from (select s.id $from)", $bindings),
        ];
    }

    /** @return list<string> what found something before, and begins so: the most often first */
    public function beginning(Query $query, int $most): array
    {
        return array_column(DB::select(
            'select s.name from searches s join search_days d on d.search_id = s.id where s.name_folded >= ? and '
                .'s.name_folded < ? and s.results > 0 and s.as_typed = 1 and d.day >= ? group by s.id order by '
                .'sum(d.times) desc, s.id limit ?',
            [$query->folded(), $query->folded()."\u{10FFFF}", $this->since(), $most],
        ), 'name');
    }

    /** How many different searches found nothing in the last days. */
    public function nothing(): int
    {
        return (int) DB::scalar(
            'select count(distinct s.id) from search_days d join searches s on s.id = d.search_id where d.day >= ? '
                .'and s.results = 0',
            [$this->since()],
        );
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
        foreach (DB::select(
            'select id, name from searches where results = 0'.(
                $has === '' ? '' : " or $has"
            ).' order by id desc limit '.self::ASKED_AGAIN,
            array_map(Folding::fold(...), $words),
        ) as $row) {
            $hits = $index->find(Query::of($row->name));
            DB::table('searches')
                ->where('id', $row->id)
                ->update(['results' => $hits->withAll(), 'as_typed' => $hits->corrected() === []]);
        }
    }

    /** Searches to look at a template with before customers made any: many, one, nothing, and awkward ones. */
    public function samples(SearchIndex $index): void
    {
        $title = (string) DB::scalar(
            'select title from products where published = 1 order by length(title) desc, id limit 1',
        );
        $word = (string) (
            DB::scalar('select word from title_words group by word order by count(*) desc, word limit 1') ?? ''
        );
        $some = (string) (
            DB::scalar(
                'select word from title_words where length(word) > 3 and word <> ? group by word having count(*) '
                    .'between 3 and 40 order by count(*) desc, word limit 1',
                [$word],
            )
                ?? ''
        );
        foreach (array_filter([
            $word, $some, $title, 'wrapping for elephants', '"'.$word.'" AND (ink OR pen) *', '🖋️ 💌',
            str_repeat('a very long query ', 600),
        ]) as $words) {
            $query = Query::of($words);
            DB::table('searches')->insertOrIgnore([
                'name' => $query->text,
                'name_folded' => $query->folded(),
                'results' => $index->find($query)->withAll(),
                'is_sample' => true,
            ]);
        }
    }

    private function forget(): void
    {
        DB::delete('delete from search_days where day < ?', [$this->since()]);
        DB::delete('delete from searches where is_sample = 0 and id not in (select search_id from search_days)');
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
