<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

/** What makes a product awkward to lay out, as SQL about one called `p`. Pieces of larger queries. */
final class AwkwardSql
{
    /** Whether it has what most pages show. */
    public const ORDINARY = 'p.picture_count > 1';

    /**
     * @param  string  $at  the moment, as SQL
     * @return array<string, string> what it is said to be => SQL, true or words where it is so
     */
    public static function tests(string $at): array
    {
        return [
            'no picture' => 'p.picture_count = 0',
            'on sale' => 'exists (select 1 from variants v where v.product_id = p.id and v.published = 1 and '
                .SellingSql::onSale($at).')',
            'sold out' => 'not '.SellingSql::PRODUCT_IN_STOCK,
            'many variants' => "case when p.variant_count > 11 then p.variant_count || ' variants' end",
            'long title' => 'length(p.title) > 60',
            'no short description' => "p.short_description = ''",
            'no reviews' => 'p.review_count = 0',
        ];
    }

    /** @param  array<string, string>  $tests */
    public static function count(array $tests): string
    {
        return implode(' + ', array_map(
            static fn (string $test): string => "(coalesce($test, 0) <> 0)",
            $tests,
        )) ?: '0 + 0';
    }
}
