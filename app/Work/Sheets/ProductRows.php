<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use stdClass;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Sheets\Sql\ProductListRows;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * The products as the Studio lists them: one row each, found by words and by the same conditions that rules are made
 * of.
 *
 * @phpstan-type Row array{id: int, title: string, slug: string, picture: string|null, published: bool,
 *     brand: string|null, category: string|null, price: string, variants: int, stock: int|null}
 * @phpstan-type Filter array{q: string, category: int, brand: int, tag: int, state: string, where: string,
 *     sort: string}
 *
 * @shape ProductRow Row
 * @shape ProductFilter Filter
 * @shape ProductClause array{conditions: list<Condition>, phrases: list<Phrase>, names: Names}
 * @shape ProductPage array{rows: list<ProductRow>, total: int, from: int, clause: ProductClause}
 * @shape ProductListData ProductPage&array{filter: ProductFilter, names: array<string, string>, terms: RuleTerms}
 */
final readonly class ProductRows
{
    public const PAGE = 50;

    /** What else a product can be found by, in words; each is a condition of rules, or what customers see. */
    private const STATES = [
        'hidden' => 'p.published = 0',
        'shown' => 'p.published = 1',
    ];

    private const CONDITIONS = [
        'on-sale' => ['field' => 'sale', 'comparison' => 'isOn', 'values' => []],
        'sold-out' => ['field' => 'stock', 'comparison' => 'isOut', 'values' => []],
        'no-picture' => ['field' => 'picture', 'comparison' => 'atMost', 'values' => [0]],
    ];

    /** By order: its column, and whether it goes down. */
    private const SORTS = [
        'title' => ['title_order', ''],
        'new' => ['added_at', ' desc'],
        'cheap' => ['price_low', ''],
        'dear' => ['price_low', ' desc'],
    ];

    public function __construct(
        private KindRulesReader $rules,
        private Categories $categories,
        private MoneyFormat $money,
        private FactBook $facts,
        private ReachCounts $counts,
        private ReachWords $words,
        private ShopClock $clock,
    ) {
    }

    /**
     * @param  Filter  $filter
     * @param  int  $from  how many rows stand before the first that is wanted
     * @return array{rows: list<Row>, total: int, from: int, clause: array<string, mixed>}
     */
    public function page(array $filter, int $from): array
    {
        [$ids, $total] = $this->ids($filter, $from, self::PAGE);

        return [
            'rows' => $this->rows($ids),
            'total' => $total,
            'from' => $from,
            'clause' => $this->said($this->clause($filter['where'])),
        ];
    }

    /**
     * @param  Filter  $filter
     * @return array{list<int>, int} some of the products that are found, and how many there are
     */
    public function ids(array $filter, int $from, int $most): array
    {
        $where = $this->where($filter);
        [$column, $down] = self::SORTS[$filter['sort']] ?? self::SORTS['title'];
        if (! self::isNarrow($filter)) {
            return [
                array_column(
                    ProductListRows::page($where, $column, $down, $most, $from),
                    'id',
                ),
                $this->total($where),
            ];
        }
        // What has to be asked of every product is asked once, for the rows and for their number.
        $rows = ProductListRows::narrow($column, $where, $down, $most, $from);

        return [
            array_column($rows, 'id'),
            $rows === [] && $from > 0 ? $this->total($where) : (int) ($rows[0]->total ?? 0),
        ];
    }

    private function total(Sql $where): int
    {
        return (int) ProductListRows::total($where);
    }

    /**
     * Whether something is asked that no order of products knows beforehand.
     *
     * @param  Filter  $filter
     */
    private static function isNarrow(array $filter): bool
    {
        return $filter['q'] !== ''
            || $filter['where'] !== ''
            || isset(self::CONDITIONS[$filter['state']])
            || $filter['category'] + $filter['brand'] + $filter['tag'] > 0;
    }

    /** @return list<string> */
    public static function states(): array
    {
        return ['', ...array_keys(self::STATES), ...array_keys(self::CONDITIONS)];
    }

    /** @return list<string> */
    public static function sorts(): array
    {
        return array_keys(self::SORTS);
    }

    /** @param  Filter  $filter */
    private function where(array $filter): Sql
    {
        $parts = [new Sql(self::STATES[$filter['state']] ?? '1')];
        foreach (array_filter(explode(' ', Folding::fold($filter['q']))) as $word) {
            $parts[] = new Sql(
                '(instr(p.title_folded, ?) > 0 or p.id in (select product_id from variants where lower(sku) = ? '
                    ."union all select product_id from variants where barcode <> '' and barcode = ?))",
                [$word, $word, $word],
            );
        }
        $state = self::CONDITIONS[$filter['state']] ?? null;
        $conditions = [
            ...$filter['category'] === 0 ? [] : [new Condition('category', 'isIn', [$filter['category']])],
            ...$filter['brand'] === 0 ? [] : [new Condition('brand', 'isOneOf', [$filter['brand']])],
            ...$filter['tag'] === 0 ? [] : [new Condition('tag', 'hasAnyOf', [$filter['tag']])],
            ...$state === null ? [] : [new Condition($state['field'], $state['comparison'], $state['values'])],
            ...$this->clause($filter['where'])->conditions,
        ];
        if ($conditions !== []) {
            $parts[] = $this->covers($conditions);
        }

        return Sql::join(' and ', $parts);
    }

    /** More of the sentence, as rules write it: what cannot be read asks for nothing. */
    private function clause(string $where): Clause
    {
        $given = $where === '' ? null : json_decode($where, true, 8);
        $reach = is_array($given)
            ? (new ReachReader(RuleFields::standard(), $this->clock->zone, PageKind::Product, $this->facts->all()))
                ->parse(
                    [
                        'format' => Reach::FORMAT,
                        'show' => [$given],
                        'keepOff' => [],
                        'season' => [],
                        'goesFirst' => false,
                    ],
                )
            : null;

        return $reach instanceof Reach ? $reach->show[0] ?? Clause::of() : Clause::of();
    }

    /** @return array<string, mixed> its conditions, and how they are said */
    private function said(Clause $clause): array
    {
        $reach = new Reach($clause->conditions === [] ? [] : [$clause]);
        $names = $this->counts->names($reach);

        return [
            'conditions' => $clause->toArray(),
            'phrases' => $this->words->sentence($reach, $names, PageKind::Product)['show'][0] ?? [],
            'names' => (object) $names,
        ];
    }

    /** @param  non-empty-list<Condition>  $conditions */
    private function covers(array $conditions): Sql
    {
        $reach = new Reach([Clause::of(...$conditions)]);
        $compiled = (new ReachCompiler(
            RuleFields::standard(),
            $this->categories->tree(),
            LivingNames::of([$reach]),
            PageKind::Product,
        ))->compile($reach);

        return $this->rules->live(PageKind::Product)->sql()->covers($compiled);
    }

    /**
     * @param  list<int>  $ids
     * @return list<Row> in the order asked for
     */
    private function rows(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $rows = [];
        foreach (ProductListRows::rows($ids) as $row) {
            $rows[$row->id] = [
                'id' => $row->id,
                'title' => $row->title,
                'slug' => $row->slug,
                'picture' => $row->file === null ? null : "/pictures/$row->file-160.webp",
                'published' => (bool) $row->published,
                'brand' => $row->brand,
                'category' => $row->category,
                'price' => $this->price($row),
                'variants' => (int) $row->variants,
                'stock' => $row->stock === null ? null : (int) $row->stock,
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    private function price(stdClass $row): string
    {
        return match (true) {
            $row->low === null => '',
            $row->low === $row->high => $this->money->format($row->low),
            default => $this->money->format($row->low).' – '.$this->money->format($row->high),
        };
    }
}
