<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Rules\Sql\QuantitySql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Quantity;

/** Of searches: how much they found when somebody last asked, and their words. */
final readonly class SearchSql implements PageSql
{
    public function any(Aspect $aspect, array $ids): Sql
    {
        return new Sql('0');
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
        return $check->quantity === Quantity::Results
            ? new Sql('(1'.QuantitySql::bounds('p.results', $check->min, $check->max).')')
            : throw new LogicException("Searches have no {$check->quantity->value}.");
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
