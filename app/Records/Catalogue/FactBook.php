<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Vestibra\App\Records\Models\Catalogue\Fact as FactRow;
use Vestibra\App\Records\Models\Catalogue\FactValue as FactValueRow;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;

/** The facts that the shop has defined, and their values. */
final class FactBook
{
    private const AT_ONCE = 300;

    /** @return array<int, Fact> by id, in the owner's order */
    public function all(): array
    {
        $facts = [];
        foreach (FactRow::query()->inOrder()->toBase()->get() as $row) {
            $facts[$row->id] = new Fact($row->id, $row->name, FactKind::from($row->kind), $row->unit, $row->decimals);
        }

        return $facts;
    }

    /** @param  list<string>  $written an empty list empties the fact */
    public function fill(int $productId, Fact $fact, array $written): void
    {
        $this->fillAll($productId, [[$fact, $written]]);
    }

    /**
     * One statement takes out what stood there, and one puts in all that comes.
     *
     * @param  list<array{Fact, list<string>}>  $facts  an empty list empties one
     * @param  bool  $isNew  whether the product has none yet
     */
    public function fillAll(int $productId, array $facts, bool $isNew = false): void
    {
        $rows = [];
        foreach ($facts as [$fact, $written]) {
            $value = FactValue::of($fact, $written);
            foreach ($value->values ?? [] as $position => $compared) {
                $rows[] = [
                    'product_id' => $productId,
                    'fact_id' => $fact->id,
                    'position' => $position,
                    'written' => $value->shown[$position] ?? '',
                    'folded' => is_string($compared) ? $compared : null,
                    'number' => is_int($compared) ? $compared : null,
                ];
            }
        }
        $isNew || FactValueRow::query()->toBase()
            ->where('product_id', $productId)
            ->whereIntegerInRaw('fact_id', array_map(static fn (array $one): int => $one[0]->id, $facts))
            ->delete();
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            FactValueRow::query()->toBase()->insert($some);
        }
    }
}
