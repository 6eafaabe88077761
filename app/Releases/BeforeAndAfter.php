<?php

declare(strict_types=1);

namespace Vestibra\App\Releases;

use Vestibra\App\Reach\KindRules;
use Vestibra\App\Reach\Sql;

/** The templates of a kind as they are, and which of them each page has now and would have. */
final readonly class BeforeAndAfter
{
    /** @param  Sql  $sql  gives page_id, before_id and after_id */
    public function __construct(
        public KindRules $now,
        public Sql $sql,
    ) {
    }
}
