<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\Core\Templates\Source;

/** Which pages of a kind are worth looking at with a template that is worked on. In SQL a page is called `p`. */
interface SamplePages
{
    /**
     * @return array<string, string> what makes a page awkward to look at a template with, in words => as SQL: true, or
     *     the words themselves with a number in them
     */
    public function awkward(): array;

    /** @return string SQL, true for an ordinary page: the first to look at a template with */
    public function ordinary(): string;

    /** @return string SQL, where a page stands, as "Bottled inks · Ostrelve"; null for nowhere */
    public function filed(): string;

    /** @return string SQL, the greater the more there is to show on a page */
    public function richness(): string;

    /** @return Sql|null which pages have nothing to give where a source is asked; null when it is never empty */
    public function lacking(Source $source, int $number): ?Sql;

    /**
     * @param  list<int>  $ids
     * @return list<int> at most 500 other pages that customers can see, those that have most in common with these first
     */
    public function near(array $ids): array;
}
