<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * House styles that ship, to begin from.
 *
 * @api
 */
final class ShippedStyles
{
    /** Name => what it is like, and what differs from the usual. */
    public const ALL = [
        'Larkfold plain' => ['White paper, blue-black ink, a serif for names', []],
        'Harbour morning' => ['Soft greens, round corners, cards that lie on a quiet ground', [
            'colour-ink' => '#1c2b27',
            'colour-quiet' => '#51605a',
            'colour-ground' => '#fdfcf8',
            'colour-surface' => '#e9f0ea',
            'colour-line' => '#cfdbd3',
            'colour-accent' => '#1f5b50',
            'colour-sale' => '#a32e22',
            'colour-star' => '#8a5a0c',
            'colour-focus' => '#1d5fa8',
            'font-names' => 'lora',
            'font-words' => 'figtree',
            'font-third' => 'figtree',
            'weight-names' => '600',
            'weight-headings' => '600',
            'scale-ratio' => '1.2',
            'title-size' => '32',
            'heading-size' => '23',
            'price-size' => '24',
            'space-names' => '0',
            'corner' => '16',
            'shadow-soft' => '0 4 18 -2 accent/16',
            'main-corner' => '28',
            'second-corner' => '28',
            'field-corner' => '14',
            'badge-corner' => '8',
            'price-weight' => '600',
            'price-sale' => 'sale',
            'fold-open' => 'accent',
            'tab-line' => 'accent',
            'tab-chosen' => 'accent',
            'card-padding' => '14',
            'card-ground' => 'surface',
            'card-corner' => '18',
        ]],
        'Evening study' => ['A dark room, brass letters, sharp corners', [
            'colour-ink' => '#f1ebdd',
            'colour-quiet' => '#b9b1a0',
            'colour-ground' => '#171b22',
            'colour-surface' => '#232932',
            'colour-line' => '#3d4551',
            'colour-accent' => '#dcb15c',
            'colour-on-accent' => '#1c1505',
            'colour-sale' => '#ff9d8c',
            'colour-star' => '#dcb15c',
            'colour-focus' => '#8fbcf5',
            'font-names' => 'eb-garamond',
            'font-words' => 'karla',
            'font-third' => 'karla',
            'weight-names' => '500',
            'text-size' => '17',
            'scale-ratio' => '1.3',
            'title-size' => '42',
            'heading-size' => '28',
            'price-size' => '28',
            'space-names' => '0.01',
            'corner' => '2',
            'shadow-lifted' => '0 14 40 -8 ground/80',
            'main-weight' => '700',
            'badge-corner' => '2',
            'badge-sale-words' => 'ground',
            'price-sale' => 'sale',
            'tab-line' => 'accent',
            'card-padding' => '16',
            'card-line' => '1',
            'card-corner' => '2',
        ]],
    ];
}
