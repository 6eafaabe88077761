<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

/** Pages in the Studio's lists. */
final class PageRows
{
    /** So many at a time. */
    public const PAGE = 24;
}
