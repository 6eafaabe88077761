<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

/**
 * Whether something is said of the product called `p`: asked of all products at once, or of each by itself, which is
 * quicker where the first few are wanted and what is said is said of many.
 */
final readonly class Held
{
    public function __construct(private bool $each)
    {
    }

    /**
     * @param  string  $product  the column with the number of a product
     * @param  string  $where  and what stands behind it
     */
    public function in(string $product, string $from, string $where): string
    {
        return $this->each
            ? "exists (select 1 from $from where $product = p.id and $where)"
            : "p.id in (select $product from $from where $where)";
    }
}
