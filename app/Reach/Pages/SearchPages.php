<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Pages\Sql\OwnPages;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Reach\Pages\Sql\SearchSql;
use Vestibra\App\Records\Models\Shop\Search;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Templates\Source;

/**
 * Pages of what a search finds. There are as many as customers think of; those that are known are the ones they looked
 * for.
 */
final readonly class SearchPages implements PagesOfKind
{
    use OwnPages;

    /** More than these are very many. */
    private const VERY_MANY = 60;

    /** A query longer than this is awkward. */
    private const LONG = 40;

    public function __construct(
        private SearchIndex $index,
        private ShopClock $clock,
        private ShopMessages $messages,
    ) {
    }

    public function kind(): PageKind
    {
        return PageKind::Search;
    }

    public function table(): string
    {
        return 'searches';
    }

    public function shown(): string
    {
        return '1';
    }

    public function title(): string
    {
        return 'p.name_folded';
    }

    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql
    {
        return new SearchSql;
    }

    public function read(int $id): ?Subject
    {
        $name = Search::query()->toBase()->where('id', $id)->value('name');

        return is_string($name) ? $this->of($id, Query::of($name)) : null;
    }

    /** Any words are a search, whether somebody looked for them before or not. */
    public function bySlug(string $slug): Subject
    {
        $query = Query::of($slug);

        return $this->of((int) Search::query()->toBase()->where('name_folded', $query->folded())->value('id'), $query);
    }

    public function features(Subject $subject): Features
    {
        assert($subject instanceof Assortment);

        return Features::search(
            $subject->slug,
            $this->index->find(Query::of($subject->slug))->withAll(),
            $this->clock->now(),
        );
    }

    public function rows(array $ids): array
    {
        $rows = [];
        foreach ($ids === []
            ? []
            : Search::query()->toBase()->whereIntegerInRaw('id', $ids)->get(['id', 'name']) as $row) {
            $rows[$row->id] = [
                'id' => $row->id,
                'title' => $row->name,
                'slug' => $row->name,
                'picture' => null,
                'address' => PageAddresses::address(PageKind::Search, $row->name),
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    public function touched(Touched $touched): ?Sql
    {
        return null;
    }

    public function holding(Subject $subject): string
    {
        return PagePieces::found($this->index->find(Query::of($subject->slug()))->table);
    }

    /** The best first. */
    public function ownOrder(Subject $subject): string
    {
        return PagePieces::placeFound($this->index->find(Query::of($subject->slug()))->table);
    }

    public function awkward(): array
    {
        return [
            'no results' => 'p.results = 0',
            'one result' => 'p.results = 1',
            'very many results' => 'p.results > '.self::VERY_MANY,
            'marks and operators' => "p.name glob '*[\"()*:]*'",
            'long query' => 'length(p.name) > '.self::LONG,
        ];
    }

    public function ordinary(): string
    {
        return 'p.results between 3 and '.self::VERY_MANY;
    }

    public function filed(): string
    {
        return 'null';
    }

    public function richness(): string
    {
        return 'case when p.results > '.self::VERY_MANY.' then 1 else p.results end';
    }

    public function lacking(Source $source, int $number): ?Sql
    {
        return in_array($source, [Source::PageDescription, Source::PagePicture], true) ? new Sql('1') : null;
    }

    public function near(array $ids): array
    {
        $list = implode(',', $ids);

        return array_column(
            Search::query()->toBase()->whereNotIn('id', $ids)->orderByDesc('id')->limit(500)->get(['id'])->all(),
            'id',
        );
    }

    private function of(int $id, Query $query): Assortment
    {
        return new Assortment(
            SubjectKind::Query,
            $id,
            $query->text,
            $query->text === '' ? $this->messages->live()->say('search.title') : $query->text,
            products: $this->index->find($query)->total,
        );
    }
}
