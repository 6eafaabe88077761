<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use LogicException;
use Vestibra\Core\Catalogue\Changing\Thing;

/** The order that the owner gave the products of a category or collection, as SQL about products called `p`. */
final readonly class OwnOrderSql
{
    public const NEWEST = 'p.added_at desc';

    private const TABLES = [
        'category' => ['category_order', 'category_id'],
        'collection' => ['collection_order', 'collection_id'],
    ];

    /** After everything that has a place. */
    private const NO_PLACE = 1_000_000_000;

    public static function has(Thing $thing): bool
    {
        return isset(self::TABLES[$thing->value]);
    }

    /**
     * @param  string  $others  SQL, the order of those without a place
     * @return string the order of products called `p`
     */
    public static function sql(Thing $thing, int $id, string $others = self::NEWEST): string
    {
        [$table, $of] = self::table($thing);

        return "coalesce((select own.position from $table own where own.$of = $id and own.product_id = p.id), "
            .self::NO_PLACE
            ."), $others";
    }

    /** @return string whether anything called `p` has such an order */
    public static function any(Thing $thing): string
    {
        [$table, $of] = self::table($thing);

        return "exists (select 1 from $table own where own.$of = p.id)";
    }

    /** @return array{string, string} where it is kept, and the column of the thing */
    public static function table(Thing $thing): array
    {
        return self::TABLES[$thing->value] ?? throw new LogicException("A {$thing->value} has no order of products.");
    }
}
