<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\PageKind;
use Vestibra\Core\Reach\Reach;

/** The two numbers of a reach, which are never mixed up: what it covers and what it is, or would be, shown on. */
final readonly class ReachCounts
{
    public function __construct(private Contests $contests)
    {
    }

    /**
     * What a reach would come to if it were live. Out of season it says what it would cover within.
     *
     * @return array{covers: int, hidden: int, shownOn: int, others: list<array{template: int, name: string, count: int}>, inSeason: bool,
     *     products: list<array{id: int, title: string, slug: string, picture: string|null}>, dead: list<array{part: string, clause: int, condition: int}>}
     */
    public function preview(int $templateId, Reach $reach, int $page = 1): array
    {
        $contest = $this->contests->all(PageKind::Product, (new Supposed)->withReach($templateId, $reach));
        $candidate = $contest->candidate($templateId) ?? abort(404);
        $covers = $contest->sql()->covers($candidate->reach->atAnyTime());
        $winners = WinnersSql::of($contest, $covers);
        $split = DB::select("select template_id, count(*) as count from ($winners->text) w group by template_id order by count desc", $winners->bindings);
        $counts = array_column($split, 'count', 'template_id');
        $names = DB::table('templates')->pluck('name', 'id');
        $others = [];
        foreach ($counts as $id => $count) {
            if ($id !== $templateId) {
                $others[] = ['template' => (int) $id, 'name' => (string) $names[$id], 'count' => (int) $count];
            }
        }

        return [
            'covers' => (int) array_sum($counts),
            'hidden' => $this->count("p.published = 0 and ($covers->text)", $covers->bindings),
            'shownOn' => (int) ($counts[$templateId] ?? 0),
            'others' => $others,
            'inSeason' => $candidate->reach->season->holds($contest->at),
            'products' => ProductRows::of($this->ids($covers, $page)),
            'dead' => self::dead($candidate),
        ];
    }

    /** @return array<int, int> template id => how many pages it would be shown on */
    public function shownOn(Supposed $supposed, ?DateTimeImmutable $at = null): array
    {
        $winners = WinnersSql::of($this->contests->all(PageKind::Product, $supposed, $at), null, $supposed->pins);

        return array_map(intval(...), array_column(DB::select(
            "select template_id, count(*) as count from ($winners->text) group by template_id",
            $winners->bindings,
        ), 'count', 'template_id'));
    }

    /**
     * What is live now, for all product templates.
     *
     * @return array<int, array{covers: int, shownOn: int}> by template
     */
    public function live(): array
    {
        $contest = $this->contests->live(PageKind::Product);
        $winners = WinnersSql::of($contest);
        $shown = array_column(DB::select(
            "select template_id, count(*) as count from ($winners->text) group by template_id",
            $winners->bindings,
        ), 'count', 'template_id');
        $counts = [];
        foreach ($contest->candidates as $candidate) {
            $covers = $contest->sql()->covers($candidate->reach);
            $counts[$candidate->templateId] = [
                'covers' => $this->count("p.published = 1 and ($covers->text)", $covers->bindings),
                'shownOn' => (int) ($shown[$candidate->templateId] ?? 0),
            ];
        }

        return $counts;
    }

    /** @param  list<scalar>  $bindings */
    private function count(string $where, array $bindings): int
    {
        return (int) DB::scalar("select count(*) from products p where $where", $bindings);
    }

    /** @return list<int> */
    private function ids(Sql $covers, int $page): array
    {
        return array_column(DB::select(
            "select p.id from products p where p.published = 1 and ($covers->text) order by p.title_folded, p.id limit ? offset ?",
            [...$covers->bindings, ProductRows::PAGE, ($page - 1) * ProductRows::PAGE],
        ), 'id');
    }

    /** @return list<array{part: string, clause: int, condition: int}> conditions that name nothing living */
    public static function dead(Candidate $candidate): array
    {
        $dead = [];
        /** @var array<string, list<CompiledClause>> $parts */
        $parts = ['show' => $candidate->reach->show, 'keepOff' => $candidate->reach->keepOff];
        foreach ($parts as $part => $clauses) {
            foreach ($clauses as $clause => $compiled) {
                foreach ($compiled->conditions as $condition => $ready) {
                    if ($ready->dead) {
                        $dead[] = ['part' => $part, 'clause' => $clause, 'condition' => $condition];
                    }
                }
            }
        }

        return $dead;
    }

    /** @return array<string, array<int, string>> things => id => name, for the sentence of a reach */
    public function names(Reach ...$reaches): array
    {
        $named = [];
        foreach ($reaches as $reach) {
            foreach ([...$reach->show, ...$reach->keepOff] as $clause) {
                foreach ($clause->conditions as $condition) {
                    foreach ($condition->of === null ? $condition->values : [$condition->of] as $id) {
                        $named[LivingNames::things($condition) ?? ''][] = $id;
                    }
                }
            }
        }
        $names = [];
        foreach (array_intersect_key(LivingNames::TABLES, $named) as $things => $table) {
            $column = ['product' => 'title', 'option-value' => 'label'][$things] ?? 'name';
            foreach (DB::table($table)->whereIntegerInRaw('id', $named[$things])->get(['id', "$column as name"]) as $row) {
                $names[$things][$row->id] = $row->name;
            }
        }

        return $names;
    }
}
