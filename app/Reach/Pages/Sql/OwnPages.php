<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;

/** Pages that the owner fixes to a template one by one, and of which rules ask what they are themselves. */
trait OwnPages
{
    public function pins(int $at): Sql
    {
        return new Sql("select subject_id, template_id from pins where page_kind = '{$this->kind()->value}'");
    }

    public function collecting(): PagesOfKind
    {
        return $this;
    }
}
