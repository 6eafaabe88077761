<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search\Sql;

use Vestibra\App\Ground\Sql\Database;

/**
 * Words of the shop’s own products, for samples of searches: counted over all titles, once in a while and never for a
 * customer. In step with how many products there are.
 */
final class WordsOfTheShop
{
    public static function used(string $word): mixed
    {
        return Database::value(
            'select word from title_words where length(word) > 3 and word <> ? group by word having count(*) '
                .'between 3 and 40 order by count(*) desc, word limit 1',
            [$word],
        );
    }

    public static function mostUsed(): mixed
    {
        return Database::value('select word from title_words group by word order by count(*) desc, word limit 1');
    }

    public static function longestTitle(): mixed
    {
        return Database::value(
            'select title from products where published = 1 order by length(title) desc, id limit 1',
        );
    }
}
