<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Http\Asked;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Reach\Sql;
use Vestibra\App\Rendering\PageList;
use Vestibra\App\ShopClock;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;

/** A page of products of a listing, with its order and its paging. */
final readonly class Listing
{
    public const PER_PAGE = 12;

    public const SORTS = ['new', 'title', 'cheap', 'dear'];

    private const PRICE = '(select min(case when v.sale_price < v.price and (v.sale_from is null or v.sale_from <= ?)'
        .' and (v.sale_until is null or v.sale_until > ?) then v.sale_price else v.price end) from variants v'
        .' where v.product_id = p.id and v.published = 1)';

    public function __construct(
        private Cards $cards,
        private ShopClock $clock,
        private PagesOfTheShop $pages,
    ) {
    }

    /**
     * The products of a page about a set of products, as somebody asked for them. Which products these are is the
     * subject's own matter: their number is known with it.
     */
    public function of(Subject $subject, PageList $list, Visit $visit): Listed
    {
        $kind = PageKind::from($subject->kind()->value);
        if (! $subject instanceof Assortment) {
            return new Listed([], 0, 1, 1, $list->sort, self::SORTS);
        }
        $now = $this->clock->now();
        $sort = in_array($visit->sort, self::SORTS, true) ? $visit->sort : $list->sort;
        $pages = max(1, (int) ceil($subject->products / $list->perPage));
        $page = max(1, min($pages, $visit->page));
        [$order, $bindings] = $this->order($sort, $now);
        $ids = array_column(DB::select(
            "select p.id from products p where p.published = 1 and p.id in ({$this->pages->get($kind)->holding($subject)}) order by $order, p.id limit ? offset ?",
            [...$bindings, $list->perPage, ($page - 1) * $list->perPage],
        ), 'id');

        return new Listed($this->cards->of($ids, $now), $subject->products, $page, $pages, $sort, self::SORTS, in_array($visit->sort, self::SORTS, true));
    }

    /** @return array<string, mixed> cards, total, page, pages, sort */
    public function page(Sql $where, Request $request, string $usualSort = 'new'): array
    {
        $now = $this->clock->now();
        $asked = Asked::text($request, 'sort');
        $sort = in_array($asked, self::SORTS, true) ? $asked : $usualSort;
        $total = (int) DB::scalar("select count(*) from products p where p.published = 1 and $where->text", $where->bindings);
        $pages = max(1, (int) ceil($total / self::PER_PAGE));
        $page = min($pages, Asked::page($request));
        [$order, $bindings] = $this->order($sort, $now);
        $ids = array_column(DB::select(
            "select p.id from products p where p.published = 1 and $where->text order by $order, p.id limit ? offset ?",
            [...$where->bindings, ...$bindings, self::PER_PAGE, ($page - 1) * self::PER_PAGE],
        ), 'id');

        return [
            'cards' => $this->cards->of($ids, $now),
            'total' => $total,
            'page' => $page,
            'pages' => $pages,
            'sort' => $sort,
            'sorts' => self::SORTS,
            'keep' => array_filter(['q' => Asked::text($request, 'q', 200), 'sort' => $asked], static fn (string $one): bool => $one !== ''),
        ];
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

    /** @return array{string, list<string>} */
    private function order(string $sort, DateTimeImmutable $now): array
    {
        $instant = $now->format('Y-m-d H:i:s');

        return match ($sort) {
            'title' => ['p.title_order', []],
            'cheap' => [self::PRICE, [$instant, $instant]],
            'dear' => [self::PRICE.' desc', [$instant, $instant]],
            default => ['p.added_at desc', []],
        };
    }
}
