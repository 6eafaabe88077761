<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds\Sql;

/**
 * The ids of all products, where a page holds them all. Whatever asks further decides how many are read.
 */
final class EveryProduct
{
    public const IDS = 'select id from products';
}
