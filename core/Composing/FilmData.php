<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\ShopFile;

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
     *     poster: string|null}
     */
    public static function of(ShopFile $film, Context $context): array
    {
        $captions = $context->files[$film->captionsId ?? 0] ?? null;
        $poster = $context->pictures[$film->posterId ?? 0] ?? null;

        return [
            'address' => $context->addresses->file($film),
            'type' => $film->type,
            'width' => $film->width,
            'height' => $film->height,
            'shape' => self::shape($film),
            'captions' => $captions === null ? null : $context->addresses->file($captions),
            'poster' => $poster === null ? null : $context->addresses->picture($poster, 800),
        ];
    }

    /** The named shape that is nearest to the film's own. */
    private static function shape(ShopFile $film): string
    {
        $own = $film->width / max(1, $film->height);
        $far = array_map(static fn (float $shape): float => abs(log($own / $shape)), self::SHAPES);

        return (string) array_search(min($far), $far, true);
    }
}
