<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;

/** Of pages of which there is one: they have nothing that a rule could ask for. */
final readonly class SingleSql implements PageSql
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
        return new Sql('0');
    }

    public function titleWord(string $word): Sql
    {
        return new Sql('0');
    }

    public function own(Check $check): Sql
    {
        throw new LogicException('No SQL for '.$check::class);
    }
}
