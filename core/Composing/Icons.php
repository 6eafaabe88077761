<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * Small line drawings of our own, in the text's colour, on a field of 24 by 24.
 *
 * @api
 */
final readonly class Icons
{
    public const NAMES = [
        'parcel' => 'a parcel',
        'van' => 'a van',
        'return' => 'a way back',
        'shield' => 'a shield',
        'leaf' => 'a leaf',
        'hand' => 'a hand with a heart',
        'clock' => 'a clock',
        'star' => 'a star',
        'drop' => 'a drop',
        'letter' => 'a letter',
        'gift' => 'a gift',
        'card' => 'a card',
        'bank' => 'a bank',
        'bill' => 'a bill',
        'lock' => 'a lock',
    ];

    private const PATHS = [
        'parcel' => '<path d="M4 8l8-4 8 4v9l-8 4-8-4zM4 8l8 4 8-4M12 12v9"/>',
        'van' => '<path d="M2 6h11v10H2zM13 9h4l4 4v3h-8z"/><circle cx="6.500" cy="17.500" r="1.800"/><circle cx="17" '
            .'cy="17.500" r="1.800"/>',
        'return' => '<path d="M8 5L4 9l4 4"/><path d="M4 9h10a5 5 0 010 10H9"/>',
        'shield' => '<path d="M12 3l8 3v6c0 5-3.500 7.500-8 9-4.500-1.500-8-4-8-9V6z"/><path d="M8.500 12l2.500 2.500 '
            .'4.500-5"/>',
        'leaf' => '<path d="M5 19C5 9 11 5 20 5c0 9-4 15-13 14"/><path d="M5 19c3-5 6-7 9-8"/>',
        'hand' => '<path d="M12 13c-3-2-5-3.800-5-6a2.500 2.500 0 015-.8A2.500 2.500 0 0117 7c0 2.200-2 4-5 '
            .'6z"/><path d="M3 16h4l4 2h5a2 2 0 000-4h-3"/><path d="M16 17l5-3"/>',
        'clock' => '<circle cx="12" cy="12" r="8.500"/><path d="M12 7v5l3.500 2"/>',
        'star' => '<path d="M12 3.500l2.600 5.400 5.900.8-4.300 4.100 1 5.900-5.200-2.800-5.200 2.800 '
            .'1-5.900-4.300-4.100 5.900-.8z"/>',
        'drop' => '<path d="M12 3c4 5 6.500 8 6.500 11.500a6.500 6.500 0 01-13 0C5.500 11 8 8 12 3z"/>',
        'letter' => '<path d="M3 6h18v12H3zM3 7l9 7 9-7"/>',
        'gift' => '<path d="M4 11h16v9H4zM3 7h18v4H3zM12 7v13"/><path d="M12 7C9 7 7 6 7 4.500S9 3 12 7c3-4 5-4 '
            .'5-2.500S15 7 12 7z"/>',
        'card' => '<path d="M3 6h18v12H3zM3 10h18M6 15h4"/>',
        'bank' => '<path d="M3 9l9-5 9 5zM5 9v8M10 9v8M14 9v8M19 9v8M3 19h18"/>',
        'bill' => '<path d="M6 3h12v18l-2-1.500L14 21l-2-1.500L10 21l-2-1.500L6 21zM9 8h6M9 12h6"/>',
        'lock' => '<path d="M5 11h14v10H5zM8 11V8a4 4 0 018 0v3"/>',
    ];

    /** @return string the drawing as SVG; empty for a name that is none */
    public static function svg(string $name): string
    {
        return isset(self::PATHS[$name])
            ? '<svg viewBox="0 0 24 24" width="24" height="24" fill="none" stroke="currentColor" stroke-width="1.5" '
                .'stroke-linecap="round" stroke-linejoin="round" aria-hidden="true">'.self::PATHS[$name].'</svg>'
            : '';
    }
}
