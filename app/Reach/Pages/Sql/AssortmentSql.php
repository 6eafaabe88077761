<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use Closure;
use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Rules\Sql\QuantitySql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Quantity;

/** Of sets of products: their products, picture, description and name. */
final readonly class AssortmentSql implements PageSql
{
    /**
     * @param  Closure(): string  $count  SQL, how many products `p` holds that customers see
     * @param  Closure(Aspect, list<int>): ?string  $any  null where such pages have no such aspect
     */
    public function __construct(
        private Closure $count,
        private Closure $any,
    ) {
    }

    public function any(Aspect $aspect, array $ids): Sql
    {
        return new Sql(($this->any)($aspect, $ids)
            ?? throw new LogicException("No rule of such pages asks for $aspect->name."));
    }

    public function knows(Aspect $aspect): ?Sql
    {
        return null;
    }

    public function nothing(Aspect $aspect): Sql
    {
        return new Sql('0');
    }

    public function inRange(InRange $check): Sql
    {
        return new Sql('(1'.QuantitySql::bounds(match ($check->quantity) {
            Quantity::Products => ($this->count)(),
            Quantity::Pictures => '(p.picture_id is not null)',
            Quantity::Described => "(p.description <> '')",
            default => throw new LogicException("Such pages have no {$check->quantity->value}."),
        }, $check->min, $check->max).')');
    }

    public function titleWord(string $word): Sql
    {
        return new Sql('begins_word(p.name_folded, ?)', [$word]);
    }

    public function own(Check $check): Sql
    {
        throw new LogicException('No SQL for '.$check::class);
    }
}
