<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

/** All that a kind of page answers for itself. One class each, listed in PageClasses. */
interface PagesOfKind extends FindsPages, HoldsProducts, PagesInSql, SamplePages
{
}
