<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use PDO;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Filters\FilterPacks;
use Vestibra\App\Lists\Filters\ListFilters;
use Vestibra\App\Lists\Orders\KeptOrder;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Kinds\Sql\EveryProduct;
use Vestibra\App\Reach\Pages\AssortmentPages;
use Vestibra\App\Reach\Pages\Sql\ShownPages;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\Sql\FirstOfMany;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Shop\Sql\ListedProducts;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\ListNarrowing;
use Vestibra\Core\Composing\SearchSaid;
use Vestibra\Core\Composing\Shop;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Selling\Filters\Packed\NarrowedPacks;
use Vestibra\Core\Selling\ListSort;
use Vestibra\Core\Selling\Search\Query;

/**
 * A page of products of a listing, with its order and its paging; and what other lists of products are fed with.
 *
 * @phpstan-import-type Shelf from Shop
 */
final readonly class Listing
{
    private const SHELVES = 24;

    private const MANY = 2_000;

    private const MOST_AT_ONCE = 192;

    /** Of what a search found: what fits best. */
    public const BEST = 'best';

    /** The order that the owner gave the products of a collection. */
    public const OWN = 'own';

    public function __construct(
        private ShopClock $clock,
        private PagesOfTheShop $pages,
        private Categories $categories,
        private LiveRules $live,
        private ListFilters $filters,
        private ShopMessages $messages,
        private ShopSettings $settings,
        private SearchIndex $index,
        private Suggestions $suggestions,
        private KeptOrders $orders,
    ) {
    }

    /** @return list<int> products that a rule takes, but for one */
    public function byRule(?Reach $rule, string $sort, int $most, ?int $without): array
    {
        if ($rule === null) {
            return $this->some(new Sql('1'), $sort, null, $most, $without);
        }
        $compiled = (new ReachCompiler(
            RuleFields::standard(),
            $this->categories->tree(),
            LivingNames::of([$rule]),
            PageKind::Product,
        ))->compile($rule);
        $asked = [
            $this->pages->get(PageKind::Product),
            $this->clock->now()->getTimestamp(),
            $this->live->of(PageKind::Product)->collections,
        ];
        // These orders have an index to be walked.
        $isWalked = in_array(self::sort($sort), [ListSort::Newest, ListSort::Title], true);

        return $this->some(
            $isWalked ? FirstOfMany::covers(...[...$asked, $compiled]) : (new ReachSql(...$asked))->covers($compiled),
            $sort,
            null,
            $most,
            $without,
        );
    }

    /** @return list<int> products of a collection, but for one */
    public function ofCollection(int $collection, string $sort, int $most, ?int $without): array
    {
        $finds = $this->pages->get(PageKind::Collection);
        $living = $finds instanceof AssortmentPages ? $finds->living([$collection])[0] : $collection;
        $subject = new Assortment(SubjectKind::Collection, $living, '', '', isOrdered: true);

        return $this->some(
            new Sql("p.id in ({$finds->holding($subject)})"),
            $sort,
            $finds->ownOrder($subject),
            $most,
            $without,
        );
    }

    /**
     * @param  list<int>|null  $ids  of categories, collections or brands; null for the first of all there are
     * @return list<Shelf> in the order asked for
     */
    public function shelves(PageKind $kind, ?array $ids): array
    {
        $finds = $this->pages->get($kind);
        $all = $finds instanceof AssortmentPages
            ? $finds->several($ids
                ?? array_column(ShownPages::some($finds, self::SHELVES), 'id'))
            : [];

        return array_map(static fn (Assortment $one): array => [
            'name' => $one->name,
            'address' => PageAddresses::address($kind, $one->slug),
            'words' => $one->description,
            'picture' => $one->picture,
            'products' => $one->products,
        ], $all);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Picture>
     */
    public function picturesOf(PageKind $kind, array $ids): array
    {
        $pictures = [];
        foreach ($ids === [] ? [] : ListedProducts::pictures($this->pages->get($kind), $ids) as $row) {
            $pictures[(int) ($row->of ?? 0)] = ProductReader::picture($row);
        }

        return $pictures;
    }

    /**
     * The products of a page about a set of products, as somebody asked for them. Which products these are is the
     * subject's own matter: their number is known with it.
     */
    public function of(Subject $subject, PageList $list, Visit $visit): Listed
    {
        $kind = PageKind::from($subject->kind()->value);
        if (! $subject instanceof Assortment) {
            return new Listed([], 0, 1, 1, $list->sort, array_column(ListSort::cases(), 'value'));
        }
        $choices = self::choices($list);
        $perPage = in_array($visit->perPage, $choices, true) ? $visit->perPage : $list->perPage;
        $finds = $this->pages->get($kind);
        $own = $finds->ownOrder($subject);
        $isSearch = $subject->kind() === SubjectKind::Query;
        $all = array_column(ListSort::cases(), 'value');
        $sorts = $own === null ? $all : [$isSearch ? self::BEST : self::OWN, ...$all];
        $asked = in_array($visit->sort, $sorts, true);
        $sort = $asked ? $visit->sort : self::usual($subject, $list, $sorts, $own !== null);
        $holding = $finds->holding($subject);
        $narrowed = $list->filters === []
            ? null
            : $this->filters->of($subject, $holding, $list->filters, $visit->filters, self::searchWhere(...));
        $isNarrowed = $narrowed !== null && $narrowed->asked() !== [];
        $total = $isNarrowed ? $narrowed->outcome->total : $subject->products;
        $pages = max(1, (int) ceil($total / $perPage));
        $page = max(1, min($pages, $visit->page));
        $held = $isNarrowed ? $this->among($narrowed->outcome) : self::held($holding, $subject->products);
        $kept = ($isSearch ? ['q' => $subject->slug] : [])
            + ($asked ? ['sort' => $sort] : [])
            + ($perPage === $list->perPage ? [] : ['show' => $perPage]);

        return new Listed(
            match (true) {
                $total === 0 => [],
                $isSearch && $sort === self::BEST => $this->index->page(
                    Query::of($subject->slug),
                    $isNarrowed ? $held : '1',
                    $perPage,
                    ($page - 1) * $perPage,
                ),
                default => $this->page($held, $sort, $own, $perPage, ($page - 1) * $perPage),
            },
            $total,
            $page,
            $pages,
            $sort,
            $sorts,
            $perPage,
            $choices,
            ($narrowed?->asked() ?? []) + ($narrowed?->finding() ?? []) + $kept,
            $narrowed?->narrowed($kept, $this->messages->live(), $this->settings->format()) ?? new ListNarrowing,
            $isSearch ? $this->said($subject) : null,
        );
    }

    /** @return list<int> how many at once a customer may choose; none where the page has no choice */
    private static function choices(PageList $list): array
    {
        return array_values(array_filter(
            $list->choosable ? [$list->perPage, 2 * $list->perPage, 4 * $list->perPage] : [],
            static fn (int $choice): bool => $choice <= self::MOST_AT_ONCE,
        ));
    }

    /**
     * @param  list<string>  $sorts
     * @return string the order where the customer asked for none
     */
    private static function usual(Assortment $subject, PageList $list, array $sorts, bool $hasOwn): string
    {
        return match (true) {
            in_array($list->sort, $sorts, true) => $list->sort,
            $subject->kind() === SubjectKind::Query => self::BEST,
            $hasOwn && $subject->isOrdered => self::OWN,
            default => ListSort::Newest->value,
        };
    }

    /** @return string SQL; many are looked for among all in their order, few are put in order themselves */
    private static function held(string $holding, int $products): string
    {
        return $holding === EveryProduct::IDS ? '1' : ($products > self::MANY ? '+' : '')."p.id in ($holding)";
    }

    /**
     * @param  string  $held  SQL
     * @param  string|null  $own  SQL, the owner's own order, or how well a search fits
     * @return list<int>
     */
    private function page(string $held, string $sort, ?string $own, int $most, int $from): array
    {
        $isOwn = in_array($sort, [self::OWN, self::BEST], true) && $own !== null;
        // Few are put in order themselves.
        $keeps = $isOwn || str_starts_with($held, 'p.id in') ? null : KeptOrder::tryFrom(self::sort($sort)->value);
        $kept = $keeps === null ? null : $this->orders->page($keeps, $held, $most, $from);
        $order = $isOwn ? $own : ListedProducts::order(self::sort($sort), $this->clock->now());

        return $kept ?? array_column(ListedProducts::page($held, $order, $most, $from), 'id');
    }

    /**
     * @param  string  $address  without what it begins with, as `/p/teal-tdie-ink`; empty for one to look at
     * @return list<array{title: string, address: string}>
     */
    public function nearest(string $address, int $most): array
    {
        $last = trim(strrchr('/'.trim($address, '/'), '/') ?: '', '/');
        $words = Query::of(str_replace(['-', '_', '+', '.html', '.php'], ' ', rawurldecode($last)));
        if ($words->isEmpty()) {
            $words = Query::of(
                (string) Product::query()->published()->toBase()->orderBy('id')->value('title'),
            );
        }
        $found = $this->suggestions->of($words);

        return array_map(
            static fn (array $one): array => ['title' => $one['words'], 'address' => $one['address']],
            array_slice([...$found['categories'], ...$found['products']], 0, $most),
        );
    }

    private function said(Assortment $search): SearchSaid
    {
        $hits = $this->index->find(Query::of($search->slug));

        return new SearchSaid($search->slug, $hits->corrected(), $hits->leftOut);
    }

    /** @return string SQL, whether the product called `p` is among those that are left */
    private function among(NarrowedPacks $outcome): string
    {
        if ($outcome->total <= self::MANY) {
            return 'p.id in ('.implode(',', $outcome->found->ids()).')';
        }
        $pdo = Database::pdo();
        $pdo->sqliteCreateFunction('is_left', FilterPacks::isLeft($outcome->found), 1, PDO::SQLITE_DETERMINISTIC);

        return '+is_left(p.id)';
    }

    /** Words as the search takes them: each begins a word of the product. */
    public static function searchWhere(string $query): Sql
    {
        preg_match_all('/[\p{L}\p{M}\p{N}]+/u', Folding::fold($query), $found);
        $words = array_slice($found[0], 0, 12);
        if ($words === []) {
            return new Sql('0');
        }
        $match = implode(' ', array_map(static fn (string $word): string => "\"$word\"*", $words));

        return new Sql('p.id in (select rowid from product_words where product_words match ?)', [$match]);
    }

    /**
     * @param  string|null  $own  SQL, the owner's own order
     * @return list<int>
     */
    private function some(Sql $where, string $sort, ?string $own, int $most, ?int $without): array
    {
        $order = $sort === self::OWN && $own !== null
            ? $own
            : ListedProducts::order(self::sort($sort), $this->clock->now());

        return array_column(ListedProducts::some($where, $order, $without, $most), 'id');
    }

    private static function sort(string $sort): ListSort
    {
        return ListSort::tryFrom($sort) ?? ListSort::Newest;
    }
}
