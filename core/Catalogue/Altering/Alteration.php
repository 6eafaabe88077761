<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * One thing that is done to every one of many products or variants.
 *
 * @api
 */
interface Alteration
{
    /** A product, or each of its variants. */
    public function thing(): Thing;

    /**
     * @param  array<string, mixed>  $fields  all of the thing
     * @return array<string, mixed>|Problem the fields that it sets, perhaps to what they are; a problem where it cannot
     */
    public function of(array $fields): array|Problem;
}
