<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * What values a fact takes.
 *
 * @api
 */
enum FactKind: string
{
    case Text = 'text';
    case RichText = 'rich-text';
    /** A whole number of the fact's smallest step: with one decimal, 0.4 mm is 4. */
    case Number = 'number';
    case YesNo = 'yes-no';
    case Date = 'date';
    case Choice = 'choice';
    /** Several texts. */
    case Several = 'list';
    /** A page of the shop or an address. */
    case Link = 'link';
    /** The number of a picture of the shop. */
    case Picture = 'picture';
    /** The numbers of files to download. */
    case Files = 'files';
    /** The numbers of other products. */
    case Products = 'products';
    /** The number of the blocks that are laid out for this product alone. */
    case Blocks = 'blocks';

    public function takesSeveral(): bool
    {
        return in_array($this, [self::Several, self::Files, self::Products], true);
    }

    /** Whether its values are numbers of things that the shop has, rather than what somebody wrote. */
    public function namesThings(): bool
    {
        return in_array($this, [self::Picture, self::Files, self::Products, self::Blocks], true);
    }
}
