<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Sql\SampleRows;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
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
    public function __construct(
        private KindRulesReader $contests,
        private PagesOfTheShop $pages,
        private Categories $categories,
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
        $awkward = implode(
            ' + ',
            array_map(static fn (string $test): string => "(coalesce($test, 0) <> 0)", $pages->awkward()),
        )
            ?: '0 + 0';
        $rows = SampleRows::mostAwkward($awkward, $from, $pages, $where);
        $first = $rows[0]->id ?? null;
        $rest = SampleRows::page($from, $awkward, $pages, $where, $first, $size, $page);
        $total = (int) SampleRows::total($from, $where);

        return [
            'samples' => $this->withFlags($kind, array_column($rest, 'id')),
            'more' => $total > $page * $size,
            'total' => $total,
        ];
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

    private function where(PagesOfKind $pages, CompiledReach $reach, string $query, ?Sql $only): Sql
    {
        $parts = [
            $reach->show === []
                ? new Sql('1')
                : $this->contests->live($pages->kind())->sql()->covers($reach->atAnyTime()),
            ...($only === null ? [] : [$only]),
        ];
        foreach (array_filter(explode(' ', Folding::fold($query))) as $word) {
            $parts[] = new Sql("instr({$pages->title()}, ?) > 0", [$word]);
        }

        return Sql::join(' and ', array_map(static fn (Sql $part): Sql => $part->wrap('(', ')'), $parts));
    }
}
