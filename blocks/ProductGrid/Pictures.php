<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductGrid;

/** When the pictures of cards are fetched. */
final readonly class Pictures
{
    private const FIRST = 4;

    /** The first pictures of the page's own list are fetched at once; the others wait until they are near. */
    public static function eager(string $cards, bool $first): string
    {
        return str_replace(
            ' data-card',
            '',
            $first ? preg_replace('/ loading="lazy" data-card/', '', $cards, self::FIRST) ?? $cards : $cards,
        );
    }
}
