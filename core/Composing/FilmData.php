<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\Places\Place;

/**
 * A film as views print it.
 *
 * @api
 */
final readonly class FilmData
{
    /** Shapes that have a name, as width over height. */
    private const SHAPES =
        ['strip' => 21 / 9, 'wide' => 16 / 9, 'old' => 4 / 3, 'square' => 1.0, 'upright' => 3 / 4, 'tall' => 9 / 16];

    /**
     * @return array{address: string, type: string, width: int, height: int, shape: string, captions: string|null,
     *     poster: string|null, posters: string}  `posters` has finer ones than phones are offered, as `srcset` has
     */
    public static function of(ShopFile $film, Context $context, ?Place $place = null): array
    {
        $captions = $context->files[$film->captionsId ?? 0] ?? null;
        $poster = $context->pictures[$film->posterId ?? 0] ?? null;

        $place ??= Place::window();

        return [
            'address' => $context->addresses->file($film),
            'type' => $film->type,
            'width' => $film->width,
            'height' => $film->height,
            'shape' => self::shape($film),
            'captions' => $captions === null ? null : $context->addresses->file($captions),
            'poster' => $poster === null ? null : $context->addresses->picture($poster, $poster->sizeFor(
                $place->most(),
                PictureSizes::ON_PHONES,
            )),
            'posters' => $poster === null ? '' : self::finer($poster, $context->addresses, $place),
        ];
    }

    private static function finer(Picture $poster, Addresses $addresses, Place $place): string
    {
        $widest = $poster->sizeFor(2 * $place->most());
        $finer = [];
        foreach ($poster->sizes() as $size => $width) {
            if ($size > PictureSizes::ON_PHONES && $size <= $widest) {
                $finer[] = "{$addresses->picture($poster, $size)} {$width}w";
            }
        }

        return implode(', ', $finer);
    }

    /** The named shape that is nearest to the film's own. */
    private static function shape(ShopFile $film): string
    {
        $own = $film->width / max(1, $film->height);
        $far = array_map(static fn (float $shape): float => abs(log($own / $shape)), self::SHAPES);

        return (string) array_search(min($far), $far, true);
    }
}
