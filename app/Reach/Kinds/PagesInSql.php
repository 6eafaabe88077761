<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Records\Stored\Touched;

/** The pages of one kind, all at once: what the database has to know of them. In SQL a page is called `p`. */
interface PagesInSql
{
    /** The table of what the pages are about. */
    public function table(): string;

    /** True for the pages that customers can see. */
    public function shown(): string;

    /** The column with the folded title, by which pages are put in order. */
    public function title(): string;

    /**
     * What rules ask of a page, in the database.
     *
     * @param  int  $at  in seconds of Unix time
     * @param  array<int, Sql>  $ruleCollections  by collection id: which products called `p` are in it
     * @param  bool  $each  whether each page is asked by itself, where there is such a way
     */
    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql;

    /**
     * @return Sql subject_id and template_id of the pages that are fixed to a template, before any rule; 0 for none at
     *     all
     */
    public function pins(int $at): Sql;

    /** The pages that collections by rule are judged on. */
    public function collecting(): PagesOfKind;

    /** @return Sql|null which pages a change to the catalogue may make other pages of; null for none */
    public function touched(Touched $touched): ?Sql;
}
