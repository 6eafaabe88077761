<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/** Says which of the things that rules name still exist. */
interface Living
{
    /**
     * @param  string  $things  as `category`, `brand`, `tag`, `collection`, `product`, `option`, `option-value`, `fact`
     * @param  list<int>  $ids
     * @return list<int> those that exist, in the same order
     */
    public function among(string $things, array $ids): array;
}
