<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Says which of the things that rules name still exist, and what others were merged into.
 *
 * @api
 */
interface Living
{
    /**
     * @param  string  $things  as `category`, `brand`, `tag`, `collection`, `product`, `option`, `option-value`, `fact`
     * @param  list<int>  $ids
     * @return list<int> those that exist, or what they were merged into, in the same order and each once
     */
    public function among(string $things, array $ids): array;
}
