<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What a piece of a block is like at a moment. In the order of their weight: of two at once, the later one shows.
 *
 * @api
 */
enum PieceState: string
{
    case Usual = 'usual';
    case Hovered = 'hovered';
    case Focused = 'focused';
    case Chosen = 'chosen';
    case Pressed = 'pressed';
    case Unavailable = 'unavailable';

    /** The selector that tells it where a piece says nothing else (Selectors Level 4). */
    public function selector(): string
    {
        return match ($this) {
            self::Usual => '',
            self::Hovered => ':hover',
            self::Focused => ':focus-visible',
            self::Chosen => '[aria-current]',
            self::Pressed => ':active',
            self::Unavailable => ':disabled',
        };
    }
}
