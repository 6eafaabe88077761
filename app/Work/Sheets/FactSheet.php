<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use LogicException;
use stdClass;
use Vestibra\App\Ground\Sql\Containing;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\FactCheck;
use Vestibra\App\Records\Models\Catalogue\FactValue;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Change as ThingChange;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\Folding;

/**
 * Facts of many products as a sheet: a row a product, a column a fact. Changes are made together or not at all.
 *
 * @phpstan-type Change array{product: int, fact: int, written: list<string>, before: list<string>}
 * @phpstan-type Wrong array{product: int, fact: int, message: string}
 *
 * @shape FactChange Change
 * @shape FactRow array{id: int, title: string, values: array<string, list<string>>}
 * @shape FactPage array{rows: list<FactRow>, more: bool, total: int}
 */
final readonly class FactSheet
{
    public const PAGE = 25;

    public const MOST_CHANGES = 5000;

    public function __construct(
        private FactBook $book,
        private Saving $saving,
        private FactCheck $check,
    ) {
    }

    /**
     * @return array{rows: list<array{id: int, title: string, values: array<int, list<string>>}>, more: bool,
     *     total: int}
     */
    public function page(string $query, int $page): array
    {
        $products = Product::query()->toBase();
        Containing::folded($products, array_values(array_filter(explode(' ', Folding::fold($query)))), 'title_folded');
        $total = $products->count();
        $found = $products->orderBy('title_folded')->orderBy('id')->offset(($page - 1) * self::PAGE)->limit(
            self::PAGE,
        )->get(['id', 'title']);
        $values = $this->values(array_values(array_map(intval(...), $found->pluck('id')->all())));

        return [
            'rows' => array_values($found
                ->map(static fn (stdClass $row): array =>
                    ['id' => $row->id, 'title' => $row->title, 'values' => $values[$row->id] ?? []])
                ->all()),
            'more' => $total > $page * self::PAGE,
            'total' => $total,
        ];
    }

    /**
     * @param  list<Change>  $changes  with what stood there when they were made
     * @return array{undo: list<Change>}|array{wrong: list<Wrong>}|array{crossed: list<Change>} what takes them back, or
     *     why nothing was changed
     */
    public function fill(array $changes, User $user): array
    {
        return DB::transaction(function () use ($changes, $user): array {
            $facts = $this->book->all();
            $this->check->forget();
            $now = $this->values(array_values(array_unique(array_column($changes, 'product'))));
            $wrong = $crossed = $undo = [];
            foreach ($changes as $change) {
                $fact = $facts[$change['fact']] ?? null;
                $stands = $now[$change['product']][$change['fact']] ?? [];
                $message = $fact === null ? 'This fact is gone.' : $this->check->wrong($fact, $change['written']);
                if ($message !== null) {
                    $wrong[] = ['product' => $change['product'], 'fact' => $change['fact'], 'message' => $message];
                } elseif ($stands !== $change['before'] && $stands !== $change['written']) {
                    $crossed[] = ['written' => $stands] + $change;
                }
                $undo[] = [
                    'product' => $change['product'],
                    'fact' => $change['fact'],
                    'written' => $stands,
                    'before' => $change['written'],
                ];
            }
            if ($wrong !== []) {
                return ['wrong' => $wrong];
            }
            if ($crossed !== []) {
                return ['crossed' => $crossed];
            }
            $this->save($changes, $now, $facts, $user);

            return ['undo' => array_reverse($undo)];
        });
    }

    /**
     * @param  list<Change>  $changes
     * @param  array<int, array<int, list<string>>>  $now
     * @param  array<int, Fact>  $facts
     */
    private function save(array $changes, array $now, array $facts, User $user): void
    {
        $before = $after = [];
        foreach ($changes as $change) {
            ['product' => $product, 'fact' => $fact] = $change;
            $written = FactCheck::safe($facts[$fact], $change['written']);
            $before[$product][ThingFields::fact($fact)] = $now[$product][$fact] ?? null;
            $after[$product][ThingFields::fact($fact)] = $written === [] ? null : $written;
        }
        $products = array_values(
            array_filter(array_keys($after), static fn (int $product): bool => $after[$product] !== $before[$product]),
        );
        $made = $products === [] ? null : $this->saving->save(
            new Entry(array_map(
                static fn (int $product): ThingChange =>
                    new ThingChange(Thing::Product, $product, $before[$product], $after[$product]),
                $products,
            )),
            $user,
        );
        if ($made instanceof Refusal) {
            throw new LogicException('Facts that were read in this very transaction do not cross.');
        }
    }

    /**
     * @param  list<int>  $products
     * @return array<int, array<int, list<string>>> by product and fact
     */
    public function values(array $products): array
    {
        $values = [];
        foreach (FactValue::query()->toBase()->whereIntegerInRaw('product_id', $products)
            ->orderBy('position')
            ->get() as $row) {
            $values[$row->product_id][$row->fact_id][] = $row->written;
        }

        return $values;
    }
}
