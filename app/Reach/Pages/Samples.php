<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Orders\KeptOrder;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Sql\SampleRows;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\SupposedVerdicts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Catalogue\Sql\AwkwardSql;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleFields;

/**
 * The pages to look at a template with: first an ordinary one, then the awkward ones of its reach, then the rest.
 *
 * @phpstan-import-type PageRow from FindsPages
 *
 * @phpstan-type Sample array{id: int, title: string, slug: string, picture: string|null, address: string,
 *     flags: list<string>}
 *
 * @shape Sample
 * @shape SamplePage array{samples: list<Sample>, more: bool, total: int}
 */
final readonly class Samples
{
    /** @param  int  $few  so many are put in order themselves */
    public function __construct(
        private KindRulesReader $contests,
        private PagesOfTheShop $pages,
        private Categories $categories,
        private KeptVerdicts $verdicts,
        private SupposedVerdicts $supposed,
        private KeptOrders $orders,
        private int $few = 500,
    ) {
    }

    public function compiled(PageKind $kind, Reach $reach): CompiledReach
    {
        return (new ReachCompiler(RuleFields::standard(), $this->categories->tree(), LivingNames::of([$reach]), $kind))
            ->compile($reach);
    }

    /**
     * @param  Sql|null  $only  besides what the reach covers
     * @return array{samples: list<Sample>, more: bool, total: int}
     */
    public function page(PageKind $kind, CompiledReach $reach, string $query, int $page, ?Sql $only = null): array
    {
        $pages = $this->pages->get($kind);
        $where = $this->where($pages, $reach, $query, $only);
        $size = PageRows::PAGE;
        $from = "{$pages->table()} p where {$pages->shown()} and $where->text";
        $isWhole = $query === '' && $only === null && $kind === PageKind::Product;
        $covered = ($isWhole ? $this->supposed->known($reach) : null) ?? SampleRows::covered($from, $where);
        $total = count($covered);
        $isMany = $kind === PageKind::Product && $total > $this->few;
        $rows = ($isMany ? $this->walked($covered, $size, $page) : null)
            ?? $this->ordered($pages, $from, $where, $size, $page);

        return [
            'samples' => $this->withFlags($kind, $rows),
            'more' => $total > $page * $size,
            'total' => $total,
        ];
    }

    /** @return list<int> all of them are put in order */
    private function ordered(PagesOfKind $pages, string $from, Sql $where, int $size, int $page): array
    {
        $awkward = AwkwardSql::count($pages->awkward());
        $rows = SampleRows::mostAwkward($awkward, $from, $pages, $where);
        $first = $rows[0]->id ?? null;

        return array_column(SampleRows::page($from, $awkward, $pages, $where, $first, $size, $page), 'id');
    }

    /**
     * @param  list<int>  $pages  all that are covered
     * @return list<int>|null of many the order that is kept is walked; null: it is not to be had
     */
    private function walked(array $pages, int $size, int $page): ?array
    {
        $covered = SampleRows::isAmong($pages);
        $first = $this->orders->page(KeptOrder::Ordinary, $covered, 1, 0) ?? [];
        if ($first === []) {
            return null;
        }
        $others = "p.id <> $first[0] and $covered";
        $rest = $page === 1
            ? $this->orders->page(KeptOrder::Awkward, $others, $size - 1, 0)
            : $this->orders->page(KeptOrder::Awkward, $others, $size, ($page - 1) * $size - 1);

        return $rest === null ? null : [...$page === 1 ? $first : [], ...$rest];
    }

    /** @return int the ordinary page that shows most; 0 where there is none */
    public function best(PageKind $kind): int
    {
        $pages = $this->pages->get($kind);

        return (int) SampleRows::richest($pages);
    }

    /** How many of the pages that a reach covers lack something. */
    public function count(PageKind $kind, CompiledReach $reach, ?Sql $only = null): int
    {
        $pages = $this->pages->get($kind);
        $where = $this->where($pages, $reach, '', $only);

        return (int) SampleRows::count($pages, $where);
    }

    /**
     * @param  list<int>  $ids
     * @return list<Sample>
     */
    public function withFlags(PageKind $kind, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $pages = $this->pages->get($kind);
        $tests = $pages->awkward();
        $columns = ['p.id'];
        foreach ($tests as $flag => $test) {
            $columns[] = "$test as \"$flag\"";
        }
        $flags = [];
        foreach (SampleRows::flags($columns, $pages, $ids) as $row) {
            $flags[$row->id] = array_map(
                static fn (string $flag): string => is_string($row->{$flag}) ? $row->{$flag} : $flag,
                array_keys(array_filter(array_intersect_key((array) $row, $tests))),
            );
        }

        return array_map(
            static fn (array $one): array => $one + ['flags' => $flags[$one['id']] ?? []],
            $pages->rows($ids),
        );
    }

    /** Of a live template whose rules are these it is kept which pages it covers. */
    private function covers(PagesOfKind $pages, CompiledReach $reach): Sql
    {
        $contest = $this->contests->live($pages->kind());
        $covers = $contest->sql()->covers($reach);

        return $this->verdicts->covered($contest, $reach, $covers) ?? $covers;
    }

    private function where(PagesOfKind $pages, CompiledReach $reach, string $query, ?Sql $only): Sql
    {
        $parts = [
            $reach->show === []
                ? new Sql('1')
                : $this->covers($pages, $reach->atAnyTime()),
            ...($only === null ? [] : [$only]),
        ];
        foreach (array_filter(explode(' ', Folding::fold($query))) as $word) {
            $parts[] = new Sql("instr({$pages->title()}, ?) > 0", [$word]);
        }

        return Sql::join(' and ', array_map(static fn (Sql $part): Sql => $part->wrap('(', ')'), $parts));
    }
}
