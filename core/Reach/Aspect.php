<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A set of ids that a page has and that a check looks at. Memory reads it from the Features, the database from its
 * tables.
 *
 * @api
 */
enum Aspect: int
{
    case Product = 1;
    /** Filed in this very category. */
    case CategoryExactly = 2;
    /** Filed in this category or anywhere beneath it. */
    case CategoryWithin = 3;
    case Collection = 4;
    case Brand = 5;
    case Tag = 6;
    /** For headers and footers: the kind of page they stand on, by its number. */
    case StandsOn = 7;

    /** One whole number for an id of this aspect, different from those of every other aspect. */
    public function token(int $id): int
    {
        return $this->value << 48 | $id;
    }
}
