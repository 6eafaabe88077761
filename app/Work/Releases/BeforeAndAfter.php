<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;

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
