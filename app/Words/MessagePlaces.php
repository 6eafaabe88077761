<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Blocks\Kinds;

/** Where messages stand, in the shopkeeper's words, by family. */
final class MessagePlaces
{
    /** What no block says by itself. */
    private const ELSEWHERE = [
        'tax' => 'Tax beside prices',
        'measure' => 'Prices for so much of something',
        'list' => 'Lists of products',
        'fact' => 'Facts that are yes or no',
        'file' => 'Files to download',
        'way' => 'Ways through the shop',
        'search' => 'Search',
        'top' => 'Top of every page',
        'foot' => 'Foot of every page',
        'cart' => 'Cart',
        'checkout' => 'Checkout',
        'error' => 'Pages that say what went wrong',
        'draft' => 'Drafts by private link',
    ];

    /** @return array<string, string> by family */
    public static function all(): array
    {
        $places = self::ELSEWHERE;
        foreach (Kinds::composer()->schema->all() as $definition) {
            foreach ($definition->messages as $family) {
                $places[$family] ??= $definition->name;
            }
        }

        return $places;
    }
}
