<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * What the catalogue is made of, as its history names it.
 *
 * @api
 */
enum Thing: string
{
    case Product = 'product';
    case Variant = 'variant';
    case Category = 'category';
    case Collection = 'collection';
    case Brand = 'brand';
    case Tag = 'tag';
    case Option = 'option';
    case OptionValue = 'option-value';
    case Picture = 'picture';

    public function one(): string
    {
        return $this === self::OptionValue ? 'value' : $this->value;
    }
}
