<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;

/**
 * Pieces of SQL that kinds of pages are put together from, where a page is called `p`. They are read where the whole
 * stands: in lists, samples and counts.
 */
final class PagePieces
{
    /** Nothing at all. */
    public const NONE = 'select null where 0';

    /** The one page of a kind that has one. */
    public const SINGLE = "(select 1 as id, '' as title_folded)";

    /** No page, and no template for it. */
    public const NONE_CHOSEN = 'select null as subject_id, null as template_id where 0';

    public const PARENT = '(select name from categories x where x.id = p.parent_id)';

    public const STOCK_IS_NOT_COUNTED = 'not exists (select 1 from variants v where v.product_id = p.id and '
        .'v.published '
        .'= 1 and v.stock is not null)';

    /** In words: the category and the brand of a product. */
    public const FILED = "(select group_concat(name, ' · ') from (select name from categories where id = "
        .'p.main_category_id union all select name from brands where id = p.brand_id))';

    public const IN_NO_COLLECTION = 'not exists (select 1 from collection_product x where x.product_id = p.id)';

    public const WITHOUT_TAGS = 'not exists (select 1 from product_tag x where x.product_id = p.id)';

    public static function withoutFact(int $fact): Sql
    {
        return new Sql('not exists (select 1 from fact_values x where x.product_id = p.id and x.fact_id = ?)', [$fact]);
    }

    public static function withoutOption(int $option): Sql
    {
        return new Sql(
            'not exists (select 1 from variants v join variant_values x on x.variant_id = v.id where v.product_id = '
                .'p.id and v.published = 1 and x.option_id = ?)',
            [$option],
        );
    }

    /** What stands in one of some categories, or holds it. */
    public static function sameBranch(string $ids): string
    {
        return "exists (select 1 from categories t where t.id in ($ids) and (t.lower between p.lower and p.upper or "
            .'p.lower between t.lower and t.upper))';
    }

    public static function beneath(string $ids): string
    {
        return "exists (select 1 from categories a where a.id in ($ids) and p.lower between a.lower and a.upper)";
    }

    /** What a search found. */
    public static function found(string $table): string
    {
        return "select product_id from $table";
    }

    public static function placeFound(string $table): string
    {
        return "(select place from $table where product_id = p.id)";
    }

    /** The pages of a kind as pages that something stands around. */
    public static function around(PagesOfKind $of): string
    {
        $first = AroundPage::number($of->kind(), 0);

        return "select {$of->kind()->number()} as page_kind, $first + p.id as id, p.id as page, {$of->title()} as "
            ."title_folded, {$of->shown()} as shown from {$of->table()} p";
    }

    /** A page without a template of its own, in the same way. */
    public static function aroundOne(PageKind $kind): string
    {
        return "select {$kind->number()}, ".AroundPage::number($kind, SinglePage::ID).', '.SinglePage::ID.", '', 1";
    }

    /**
     * What the templates of a kind choose for their pages.
     *
     * @param  array<int, int>  $choices  by template
     */
    public static function chosen(Sql $winners, PageKind $kind, array $choices): Sql
    {
        $cases = '';
        foreach ($choices as $template => $choice) {
            $cases .= " when $template then $choice";
        }

        return $winners->wrap(
            'select '.AroundPage::number($kind, 0)
                ." + page_id as subject_id, case template_id$cases end as template_id from (",
            ') where template_id in ('.implode(',', array_keys($choices)).')',
        );
    }
}
