<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Quantity;

/** Comparisons of numbers at an instant, for a product called `p`. */
final readonly class QuantitySql
{
    /** @param  int  $at in seconds of Unix time */
    public function __construct(
        private int $at,
        private Held $held = new Held(false),
    ) {
    }

    public function inRange(InRange $check): Sql
    {
        [$min, $max] = [$check->min, $check->max];

        return new Sql(match ($check->quantity) {
            Quantity::Price => $this->sold('group by v.product_id having 1'
                .self::bounds('min('.SellingSql::price($this->moment()).')', $min, $max)),
            Quantity::Sale => ($min === 0 ? 'not ' : '').$this->sold("and {$this->onSale()}"),
            Quantity::Stock => 'not '.$this->sold('group by v.product_id having not (count(*) = count(v.stock)'
                .self::bounds('sum(max(v.stock, 0))', $min, $max).')').self::withoutVariants($min, $max),
            Quantity::Supply => self::supply($min),
            Quantity::Reviews => '1'.self::bounds('p.review_count', $min, $max),
            Quantity::Added => '1'.self::bounds('p.added_at', $min, $max, static fn (int $instant): string => "'"
                .gmdate('Y-m-d H:i:s', $instant)
                ."'"),
            Quantity::Pictures => '1'.self::bounds('p.picture_count', $min, $max),
            Quantity::Variants => '1'.self::bounds('p.variant_count', $min, $max),
            Quantity::Described => '1'.self::bounds('p.described', $min, $max),
            Quantity::Products, Quantity::Results => throw new LogicException('Products have no such number.'),
        });
    }

    /**
     * @param  callable(int): string|null  $print
     * @return string beginning with ` and`
     */
    public static function bounds(string $what, ?int $min, ?int $max, ?callable $print = null): string
    {
        $print ??= strval(...);

        return ($min === null ? '' : " and $what >= {$print($min)}")
            .($max === null ? '' : " and $what <= {$print($max)}");
    }

    /** @param  string  $how  what is asked of variants called `v` */
    private function sold(string $how): string
    {
        return $this->held->in('v.product_id', 'variants v', "v.published = 1 $how");
    }

    /** Whether a variant called `v` is on sale. */
    public function onSale(): string
    {
        return SellingSql::onSale($this->moment());
    }

    private function moment(): string
    {
        return "'".gmdate('Y-m-d H:i:s', $this->at)."'";
    }

    /** In stock or out of it: a variant that is not counted is always in. */
    private static function supply(?int $min): string
    {
        return ($min === 0 ? 'not ' : '').SellingSql::PRODUCT_IN_STOCK;
    }

    /** A product without variants is out: its stock is 0. */
    private static function withoutVariants(?int $min, ?int $max): string
    {
        return ($min ?? 0) <= 0 && ($max ?? 0) >= 0 ? '' : ' and p.variant_count > 0';
    }
}
