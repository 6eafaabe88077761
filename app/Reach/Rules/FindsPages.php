<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Ground\Sql;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Templates\Source;

/**
 * How the pages of one kind are found in the shop. One class each, listed in PagesOfTheShop. In SQL a page is called
 * `p`.
 *
 * @phpstan-type PageRow array{id: int, title: string, slug: string, picture: string|null, address: string}
 *
 * @shape PageRow
 */
interface FindsPages
{
    /** The ids of all products, where a subject holds them all. */
    public const EVERYTHING = 'select id from products';

    public function kind(): PageKind;

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
     */
    public function sql(int $at, array $ruleCollections): PageSql;

    /** One page, whether customers can see it or not. */
    public function read(int $id): ?Subject;

    public function bySlug(string $slug): ?Subject;

    /** What rules ask of a page, in memory. */
    public function features(Subject $subject): Features;

    /**
     * One query, whatever their number.
     *
     * @param  list<int>  $ids
     * @return list<PageRow> in the order asked for
     */
    public function rows(array $ids): array;

    /** @return Sql|null which pages a change to the catalogue may make other pages of; null for none */
    public function touched(Touched $touched): ?Sql;

    /** @return string SQL, the ids of the products that a subject holds */
    public function holding(Subject $subject): string;

    /**
     * @return string|null SQL, the place of a product called `p` in the order that the owner gave a subject's products;
     *     null where there is none
     */
    public function ownOrder(Subject $subject): ?string;

    /**
     * @return Sql subject_id and template_id of the pages that are fixed to a template, before any rule; 0 for none at
     *     all
     */
    public function pins(int $at): Sql;

    /** The pages that collections by rule are judged on. */
    public function collecting(): self;

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
