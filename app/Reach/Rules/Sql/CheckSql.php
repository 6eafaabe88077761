<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\HasNoneOf;
use Vestibra\Core\Reach\Checks\HasNothing;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Checks\NeverHolds;
use Vestibra\Core\Reach\Checks\TitleWords;

/** The database's version of a check, for a page called `p`. */
final readonly class CheckSql
{
    public function __construct(private PageSql $pages)
    {
    }

    public function of(Check $check): Sql
    {
        return match (true) {
            $check instanceof HasAny => $this->pages->any($check->aspect, $check->ids ?: [0]),
            $check instanceof HasNoneOf => $this->none($check),
            $check instanceof HasAll => Sql::join(' and ', array_map(
                fn (int $id): Sql => $this->pages->any($check->aspect, [$id]),
                $check->ids,
            ))->wrap('(', ')'),
            $check instanceof HasNothing => $this->pages->nothing($check->aspect),
            $check instanceof NeverHolds => new Sql('0'),
            $check instanceof InRange => $this->pages->inRange($check),
            $check instanceof TitleWords => Sql::join(' and ', array_map($this->pages->titleWord(...), $check->words))
                ->wrap('(', ')'),
            default => $this->pages->own($check),
        };
    }

    private function none(HasNoneOf $check): Sql
    {
        $none = $this->pages->any($check->aspect, $check->ids ?: [0])->wrap('not coalesce(', ', 0)');
        $knows = $this->pages->knows($check->aspect);

        return $knows === null ? $none : Sql::join(' and ', [$knows, $none])->wrap('(', ')');
    }
}
