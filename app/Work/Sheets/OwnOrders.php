<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Catalogue\Sql\OwnOrderSql;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\App\Work\Sheets\Sql\ProductListRows;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\OwnOrder;
use Vestibra\Core\Pages\PageKind;

/**
 * The owner's own order of the products of a category or collection, one move after another. Each is one entry of the
 * catalogue's history, and seen by customers at once.
 *
 * @shape OrderRow array{id: int, title: string, slug: string, picture: string|null, place: int, placed: bool}
 * @shape OrderPage array{rows: list<OrderRow>, total: int, placed: int, more: bool, seen: string}
 */
final readonly class OwnOrders
{
    public function __construct(
        private PagesOfTheShop $pages,
        private Saving $saving,
    ) {
    }

    /**
     * @return array{rows: list<array<string, mixed>>, total: int, placed: int, more: bool, seen: string}|null `seen`
     *     stands for this very order; null when there is no such thing
     */
    public function page(Thing $thing, int $id, int $page): ?array
    {
        $of = $this->read($thing, $id);
        if ($of === null) {
            return null;
        }
        $from = ($page - 1) * PageRows::PAGE;
        $all = $this->ids($thing, $of);
        $ids = array_slice($all, $from, PageRows::PAGE);
        $placed = array_fill_keys($this->placed($thing, $id), true);
        $rows = array_column($this->pages->get(PageKind::Product)->rows($ids), null, 'id');

        return [
            'rows' => array_map(
                static fn (int $product, int $at): array => array_diff_key(
                    $rows[$product] ?? ['id' => $product, 'title' => '', 'slug' => '', 'picture' => null],
                    ['address' => 1],
                )
                    + ['place' => $from + $at + 1, 'placed' => isset($placed[$product])],
                $ids,
                array_keys($ids),
            ),
            'total' => $of->products,
            'placed' => count($placed),
            'more' => $of->products > $from + PageRows::PAGE,
            'seen' => self::mark($all),
        ];
    }

    /** @param  list<int>  $order */
    private static function mark(array $order): string
    {
        return hash('xxh128', implode(',', $order));
    }

    /** @return list<int> the products that customers see there, in their order */
    private function ids(Thing $thing, Assortment $of): array
    {
        return array_map(intval(...), array_column(ProductListRows::asked($this->shown($thing, $of)), 'id'));
    }

    /**
     * @param  list<int>  $products
     * @param  int  $after  a product, or one of the marks of OwnOrder
     * @param  string  $seen  the order that the mover looked at
     */
    public function move(
        Thing $thing,
        int $id,
        array $products,
        int $after,
        string $seen,
        User $user,
    ): Saved|Refusal|null {
        return DB::transaction(function () use ($thing, $id, $products, $after, $seen, $user): Saved|Refusal|null {
            $of = $this->read($thing, $id);
            if ($of === null) {
                return null;
            }
            $shown = $this->ids($thing, $of);
            if (self::mark($shown) !== $seen) {
                return new Refusal([CatalogueProblem::OrderSince->at()]);
            }
            $placed = $this->placed($thing, $id);
            $moved = OwnOrder::moved($placed, $shown, $products, $after);

            return $moved === null
                ? new Refusal([CatalogueProblem::NotInOrder->at()])
                : $this->save($thing, $id, $placed, $moved, $user);
        });
    }

    /** As if it never had one. */
    public function clear(Thing $thing, int $id, string $seen, User $user): Saved|Refusal|null
    {
        return DB::transaction(function () use ($thing, $id, $seen, $user): Saved|Refusal|null {
            $of = $this->read($thing, $id);

            return match (true) {
                $of === null => null,
                self::mark($this->ids($thing, $of)) !== $seen => new Refusal([CatalogueProblem::OrderSince->at()]),
                default => $this->save($thing, $id, $this->placed($thing, $id), [], $user),
            };
        });
    }

    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    private function save(Thing $thing, int $id, array $before, array $after, User $user): Saved|Refusal
    {
        return $this->saving
            ->save(new Entry([new Change($thing, $id, ['order' => $before], ['order' => $after])]), $user);
    }

    /** @return list<int> every product that has a place, seen or not */
    private function placed(Thing $thing, int $id): array
    {
        [$table, $of] = OwnOrderSql::table($thing);

        return array_values(array_map(
            intval(...),
            Rows::in($table)->where($of, $id)->orderBy('position')->orderBy('product_id')->pluck('product_id')->all(),
        ));
    }

    private function read(Thing $thing, int $id): ?Assortment
    {
        $of = OwnOrderSql::has($thing) ? $this->pages->get($thing->value)->read($id) : null;

        return $of instanceof Assortment ? $of : null;
    }

    private function shown(Thing $thing, Assortment $of): string
    {
        $pages = $this->pages->get($thing->value);

        return ProductListRows::inOrder($pages->holding($of), $pages->ownOrder($of) ?? OwnOrderSql::NEWEST);
    }
}
