<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\SearchHits;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;

/**
 * What a search found, with the words by which it was found: at most as many as are shown.
 */
final class SearchRows
{
    /**
     * @return list<stdClass>
     */
    public static function of(SearchHits $hits, int $most): array
    {
        return Database::rows(
            'select p.id, p.title, p.slug, w.title as in_title, w.options, w.brand, w.categories, w.tags, w.facts, '
                .'w.short, w.description,'
            ." (select group_concat(v.sku || ' ' || coalesce(v.barcode, ''), ' ') from variants v where v.product_id "
            .'= p.id) as codes,'
            .' not '.SellingSql::PRODUCT_IN_STOCK.' as sold_out'
            ." from $hits->table f join products p on p.id = f.product_id left join product_words w on w.rowid = "
            .'p.id order by f.place limit '.$most,
        );
    }
}
