<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * The owner’s list of products, narrowed by a sentence. An order by title, price or age walks its index; what has to be
 * asked of every product is in step with their number.
 */
final class ProductListRows
{
    /**
     * @return list<stdClass>
     */
    public static function asked(string $query): array
    {
        return Database::rows($query);
    }

    public static function covers(Sql $covers): mixed
    {
        return Database::value(
            "select count(*) from products p where p.published = 1 and $covers->text",
            $covers->bindings,
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function covered(Sql $covers, int $most): array
    {
        return Database::rows(
            "select p.id from products p where p.published = 1 and $covers->text order by p.title_order, p.id "
                .'limit '.$most,
            $covers->bindings,
        );
    }

    public static function held(Sql $holds): mixed
    {
        return Database::value("select count(*) from products p where $holds->text", $holds->bindings);
    }

    /** @return string the products of a list that customers see, in an order */
    public static function inOrder(string $holding, string $order): string
    {
        return "select p.id from products p where p.published = 1 and p.id in ($holding) order by $order, p.id";
    }
}
