<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;

/**
 * A picture as views print it.
 *
 * @api
 */
final readonly class PictureData
{
    /**
     * @return array{id: int, tiny: string, small: string, large: string, width: int, height: int, alt: string,
     *     focus: string, avif: bool}
     */
    public static function of(Picture $picture, Addresses $addresses): array
    {
        return [
            'id' => $picture->id,
            'tiny' => $addresses->picture($picture, 160),
            'small' => $addresses->picture($picture, 400),
            'large' => $addresses->picture($picture, 800),
            'width' => $picture->width,
            'height' => $picture->height,
            'alt' => $picture->alt,
            'focus' => "focus-x$picture->focusX focus-y$picture->focusY",
            'avif' => $picture->avif,
        ];
    }
}
