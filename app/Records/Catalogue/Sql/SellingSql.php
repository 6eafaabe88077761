<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use DateTimeImmutable;
use DateTimeZone;

/**
 * What being on sale, a price and being in stock are, as SQL: the one place beside the core’s `Catalogue\Variant`,
 * which says the same of a variant and is held against this on generated ones. Pieces of larger queries: they cost what
 * those cost.
 */
final class SellingSql
{
    /** Whether a variant called `v` can be bought. */
    public const IN_STOCK = '(v.stock is null or v.stock > 0)';

    /** Whether a product called `p` has a variant, shown to customers, that can be bought. */
    public const PRODUCT_IN_STOCK = 'exists (select 1 from variants v where v.product_id = p.id and v.published = 1 '
        .'and '.self::IN_STOCK.')';

    /**
     * Whether a variant called `v` is on sale.
     *
     * @param  string  $at  the moment, as SQL; it stands there twice
     */
    public static function onSale(string $at): string
    {
        return '(v.sale_price is not null and v.sale_price < v.price and (v.sale_from is null or v.sale_from <= '
            ."$at) and (v.sale_until is null or v.sale_until > $at))";
    }

    /** What a variant called `v` costs; the moment stands there twice. */
    public static function price(string $at): string
    {
        return 'case when '.self::onSale($at).' then v.sale_price else v.price end';
    }

    /** The lowest price of a product called `p`; the moment stands there twice. */
    public static function lowest(string $at): string
    {
        return '(select min('.self::price($at).') from variants v where v.product_id = p.id and v.published = 1)';
    }

    /** The largest share of its price that a variant of a product called `p` is cheaper by; the moment twice. */
    public static function saving(string $at): string
    {
        return '(select max((v.price - v.sale_price) * 1.0 / v.price) from variants v where v.product_id = p.id and '
            .'v.published = 1 and '.self::onSale($at).')';
    }

    /** A moment as SQL. */
    public static function moment(DateTimeImmutable $at): string
    {
        return "'".$at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s')."'";
    }
}
