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
        FactValueRow::query()->toBase()->where('product_id', $productId)->where('fact_id', $fact->id)->delete();
        $value = FactValue::of($fact, $written);
        if ($value === null) {
            return;
        }
        foreach ($value->values as $position => $compared) {
            FactValueRow::query()->toBase()->insert([
                'product_id' => $productId,
                'fact_id' => $fact->id,
                'position' => $position,
                'written' => $value->shown[$position],
                'folded' => is_string($compared) ? $compared : null,
                'number' => is_int($compared) ? $compared : null,
            ]);
        }
    }
}
