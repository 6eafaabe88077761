<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;

/**
 * The database's version of what is asked of one kind of page, called `p`, at an instant. Ids and numbers stand in the
 * text.
 */
interface PageSql
{
    /** @param  non-empty-list<int>  $ids */
    public function any(Aspect $aspect, array $ids): Sql;

    /** Whether a page can have some at all; null where every one can. */
    public function knows(Aspect $aspect): ?Sql;

    /** The page could have some, and has none. */
    public function nothing(Aspect $aspect): Sql;

    public function inRange(InRange $check): Sql;

    /** @param  string  $word folded; it begins a word of the title */
    public function titleWord(string $word): Sql;

    /** A check that only pages of this kind know. */
    public function own(Check $check): Sql;
}
