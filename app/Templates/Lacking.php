<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Vestibra\App\Reach\Sql;
use Vestibra\Core\Templates\Source;

/** Which products have nothing to give where a source is asked: the source's emptiness as SQL on products `p`. */
final readonly class Lacking
{
    /** @return Sql|null null when the source is never empty */
    public static function sql(Source $source, int $number): ?Sql
    {
        return match ($source) {
            Source::ShortDescription => new Sql("p.short_description = ''"),
            Source::Description => new Sql("p.description = ''"),
            Source::Brand => new Sql('p.brand_id is null'),
            Source::Category, Source::CategoryLink => new Sql('p.main_category_id is null'),
            Source::Collection => new Sql('not exists (select 1 from collection_product x where x.product_id = p.id)'),
            Source::Tags => new Sql('not exists (select 1 from product_tag x where x.product_id = p.id)'),
            Source::Picture => new Sql('p.picture_count = 0'),
            Source::OtherPicture => new Sql('p.picture_count < 2'),
            Source::Sku, Source::Price => new Sql('p.variant_count = 0'),
            Source::Fact, Source::FactPicture, Source::FactLink, Source::FactDay, Source::FactNumber => new Sql('not exists (select 1 from fact_values x where x.product_id = p.id and x.fact_id = ?)', [$number]),
            Source::Option => new Sql(
                'not exists (select 1 from variants v join variant_values x on x.variant_id = v.id where v.product_id = p.id and v.published = 1 and x.option_id = ?)',
                [$number],
            ),
            Source::Rating, Source::ReviewCount => new Sql('p.review_count = 0'),
            Source::Stock => new Sql('not exists (select 1 from variants v where v.product_id = p.id and v.published = 1 and v.stock is not null)'),
            Source::Title, Source::ProductLink, Source::ShopName => null,
        };
    }
}
