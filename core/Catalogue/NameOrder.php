<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use Collator;

/**
 * Names in the order of a language: sort keys after the Unicode Collation Algorithm with CLDR's tailoring, through
 * ext-intl.
 *
 * @api
 */
final readonly class NameOrder
{
    private Collator $collator;

    /** @param  string  $locale  such as `de_DE` */
    public function __construct(string $locale)
    {
        $this->collator = new Collator($locale);
    }

    /** @return string to be compared byte by byte with other keys of the same locale, as hexadecimal digits */
    public function key(string $name): string
    {
        return bin2hex($this->collator->getSortKey(mb_scrub($name)));
    }
}
