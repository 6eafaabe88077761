<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Rules\Sql\Held;
use Vestibra\App\Reach\Rules\Sql\QuantitySql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\FactEmpty;
use Vestibra\Core\Reach\Checks\FactFilled;
use Vestibra\Core\Reach\Checks\FactHasAny;
use Vestibra\Core\Reach\Checks\FactInRange;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Checks\OffersOption;
use Vestibra\Core\Reach\Checks\OffersTogether;
use Vestibra\Core\Reach\Checks\OffersValue;
use Vestibra\Core\Reach\Checks\RatedAtLeast;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\VariantCheck;

final readonly class ProductSql implements PageSql
{
    private QuantitySql $quantities;

    private Held $held;

    /**
     * @param  array<int, Sql>  $ruleCollections  by collection id: which products called `p` are in it
     * @param  bool  $each  whether each product is asked by itself
     */
    public function __construct(
        private int $at,
        private array $ruleCollections,
        bool $each = false,
    ) {
        $this->held = new Held($each);
        $this->quantities = new QuantitySql($at, $this->held);
    }

    public function any(Aspect $aspect, array $ids): Sql
    {
        $list = implode(',', $ids);

        return match ($aspect) {
            Aspect::Product => new Sql("p.id in ($list)"),
            Aspect::Brand => new Sql("p.brand_id in ($list)"),
            Aspect::CategoryExactly => $this->linked('category_product', "x.category_id in ($list)"),
            Aspect::CategoryWithin => $this->linked('category_product', 'x.category_id in (select c.id from '
                ."categories a join categories c on c.lower between a.lower and a.upper where a.id in ($list))"),
            Aspect::Collection => $this->collections($ids),
            Aspect::Tag => $this->linked('product_tag', "x.tag_id in ($list)"),
            Aspect::StandsOn => throw new LogicException('Products do not stand on pages.'),
        };
    }

    public function knows(Aspect $aspect): ?Sql
    {
        return null;
    }

    public function nothing(Aspect $aspect): Sql
    {
        return new Sql(match ($aspect) {
            Aspect::Product => '0',
            Aspect::Brand => 'p.brand_id is null',
            Aspect::CategoryExactly,
            Aspect::CategoryWithin => 'not exists (select 1 from category_product x where x.product_id = p.id)',
            Aspect::Tag => 'not exists (select 1 from product_tag x where x.product_id = p.id)',
            Aspect::Collection, Aspect::StandsOn => throw new LogicException('No rule asks for that.'),
        });
    }

    public function inRange(InRange $check): Sql
    {
        return $this->quantities->inRange($check);
    }

    public function titleWord(string $word): Sql
    {
        return new Sql(
            'p.id in (select product_id from title_words where word >= ? and word < ? || char(1114111))',
            [$word, $word],
        );
    }

    public function own(Check $check): Sql
    {
        return match (true) {
            $check instanceof RatedAtLeast => new Sql(
                "(p.review_count > 0 and p.star_sum * 10 >= $check->tenths * p.review_count)",
            ),
            $check instanceof AddedWithin => $this->quantities
                ->inRange(new InRange(Quantity::Added, $this->at - $check->days * 86_400 + 1, $this->at)),
            $check instanceof OffersTogether => $this->offers($check->parts),
            $check instanceof VariantCheck => $this->offers([$check]),
            $check instanceof FactFilled => $this->linked('fact_values', "x.fact_id = $check->factId"),
            $check instanceof FactEmpty => new Sql(
                "not exists (select 1 from fact_values x where x.product_id = p.id and x.fact_id = $check->factId)",
            ),
            $check instanceof FactHasAny => $this->linked(
                'fact_values',
                "x.fact_id = $check->factId and x.folded in (".Sql::places($check->values).')',
                ...$check->values,
            ),
            $check instanceof FactInRange => $this->linked(
                'fact_values',
                "x.fact_id = $check->factId and x.number is not null"
                    .QuantitySql::bounds('x.number', $check->min, $check->max),
            ),
            default => throw new LogicException('No SQL for '.$check::class),
        };
    }

    /** @param  non-empty-list<int>  $ids */
    private function collections(array $ids): Sql
    {
        $list = implode(',', $ids);

        return Sql::join(' or ', [
            $this->linked('collection_product', "x.collection_id in ($list)"),
            ...array_values(array_intersect_key($this->ruleCollections, array_flip($ids))),
        ])->wrap('(', ')');
    }

    /** By what a table called `x` says of the product. */
    private function linked(string $table, string $where, string|int ...$bindings): Sql
    {
        return new Sql($this->held->in('x.product_id', "$table x", $where), array_values($bindings));
    }

    /** @param  list<VariantCheck>  $parts that must fit one and the same variant */
    private function offers(array $parts): Sql
    {
        $where = array_map(static fn (VariantCheck $part): string => match (true) {
            $part instanceof OffersOption => ' and v.id in (select variant_id from variant_values where option_id in ('
                .implode(',', $part->ids)
                .'))',
            $part instanceof OffersValue => ' and v.id in (select variant_id from variant_values where '
                .'option_value_id in ('.implode(',', $part->ids).'))',
            default => throw new LogicException('No SQL for '.$part::class),
        }, $parts);

        return new Sql($this->held->in('v.product_id', 'variants v', 'v.published = 1'.implode('', $where)));
    }
}
