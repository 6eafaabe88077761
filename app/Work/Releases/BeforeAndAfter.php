<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Work\Releases\Sql\ImpactRows;

/**
 * The templates of a kind as they are, and which of them each page has now and would have: asked of the database, or
 * known already.
 */
final class BeforeAndAfter
{
    /** @param  array<int, array{int, int}>|null  $pages  before and after, by page */
    private function __construct(
        public readonly KindRules $now,
        private ?Sql $sql,
        public readonly ?array $pages,
    ) {
    }

    /** @param  Sql  $sql  gives page_id, before_id and after_id */
    public static function asked(KindRules $now, Sql $sql): self
    {
        return new self($now, $sql, null);
    }

    /** @param  array<int, array{int, int}>  $pages  before and after, by page, of all that may change */
    public static function known(KindRules $now, array $pages): self
    {
        return new self($now, null, $pages);
    }

    /** Gives page_id, before_id and after_id. */
    public function sql(): Sql
    {
        return $this->sql ??= ImpactRows::of($this->pages ?? throw new LogicException('Neither asked nor known.'));
    }
}
