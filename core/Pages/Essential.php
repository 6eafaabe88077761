<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * What a page cannot do without, and a block may be.
 *
 * @api
 */
enum Essential: string
{
    case Title = 'title';
    case Price = 'price';
    case Buy = 'buy';
    /** The products of the page, wherever it is a set of them. */
    case Products = 'products';
    /** On pages where one can buy; what stands above or below them may have it. */
    case Cart = 'cart';

    /** As in "the page has no way to buy". */
    public function words(): string
    {
        return match ($this) {
            self::Buy => 'way to buy',
            self::Products => 'list of its products',
            self::Cart => 'way to the cart',
            default => $this->value,
        };
    }

    /** Whether publishing a page without it wants a spoken decision. */
    public function wantsDecision(): bool
    {
        return $this !== self::Title;
    }
}
