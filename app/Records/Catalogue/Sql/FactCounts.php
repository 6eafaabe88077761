<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

/** For how many products a fact is filled in. In step with how many those are. */
final class FactCounts
{
    /** Of a fact called `p`. */
    public const ANEW = '(select count(distinct v.product_id) from fact_values v where v.fact_id = p.id)';

    public static function kept(): string
    {
        return KeptCounts::of('fact', 'p.id', self::ANEW);
    }
}
