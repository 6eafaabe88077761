<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What styles are about: a piece of a block takes whole groups of them.
 *
 * @api
 */
enum StyleGroup: string
{
    case Text = 'text';
    case Box = 'box';
    case Size = 'size';
    case Picture = 'picture';
    case Movement = 'movement';
    case Place = 'place';

    public function label(): string
    {
        return match ($this) {
            self::Text => 'Letters',
            self::Box => 'Room, ground and lines',
            self::Size => 'Size',
            self::Picture => 'Picture',
            self::Movement => 'Movement',
            self::Place => 'Place',
        };
    }
}
