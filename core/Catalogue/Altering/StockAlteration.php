<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Problem;

/**
 * The stock of every variant is set, or becomes more or less; what is not counted is not counted more or less, and
 * nothing goes below 0.
 *
 * @internal
 */
final readonly class StockAlteration implements Alteration
{
    /** @param  int|null  $number  null: it is not counted any more */
    public function __construct(
        private ?int $number,
        private bool $isBy = false,
    ) {
    }

    public function thing(): Thing
    {
        return Thing::Variant;
    }

    public function of(array $fields): array|Problem
    {
        $now = $fields['stock'] ?? null;
        $stock = $this->isBy && $this->number !== null
            ? (is_int($now) ? max(0, $now + $this->number) : null)
            : $this->number;
        $most = ThingFields::of(Thing::Variant)['stock']->most;

        return $stock !== null && $stock > $most
            ? CatalogueProblem::NotACount->at('stock', ['most' => $most, 'written' => $stock])
            : ['stock' => $stock];
    }
}
