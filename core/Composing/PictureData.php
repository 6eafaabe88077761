<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\Width;

/**
 * A picture as views print it: which of its sizes are worth fetching for a place (HTML, `srcset`, `sizes`, `source`).
 * What comes first counts, so sources for narrower widths stand before wider ones, and AVIF before WebP.
 *
 * @phpstan-type PictureSource array{media: string, avif: bool, srcset: string, sizes: string, width: int, height: int}
 * @phpstan-type Printed array{id: int, tiny: string, src: string, srcset: string, sizes: string,
 *     sources: list<PictureSource>, largest: string, width: int, height: int, alt: string, focus: string}
 *
 * @api
 */
final class PictureData
{
    /** Up to how many pixels a place counts as small, so that the smallest size is offered too. */
    private const SMALL = 200.0;

    private const FINE = 2.0;

    private const FINE_ON_PHONES = 3.0;

    /** @var non-empty-list<int>|null */
    private ?array $wide = null;

    private function __construct(
        private readonly Picture $picture,
        private readonly Addresses $addresses,
        private readonly Place $place,
    ) {
    }

    /**
     * @param  Place|null  $place  where it stands; null for as wide as the window
     * @return Printed
     */
    public static function of(Picture $picture, Addresses $addresses, ?Place $place = null): array
    {
        $data = new self($picture, $addresses, $place ?? Place::window());
        $sizes = array_keys($picture->sizes());

        return [
            'id' => $picture->id,
            'tiny' => $addresses->picture($picture, $sizes[0]),
            'src' => $addresses->picture($picture, $picture->sizeFor($data->place->most(), PictureSizes::ON_PHONES)),
            ...$data->chosenAmong($data->wide(), ! $data->isForPhones()),
            'sources' => $data->sources(),
            'largest' => $addresses->picture($picture, $sizes[count($sizes) - 1]),
            'width' => $picture->width,
            'height' => $picture->height,
            'alt' => $picture->alt,
            'focus' => "focus-x$picture->focusX focus-y$picture->focusY",
        ];
    }

    /**
     * As another one that stands at a width and below it.
     *
     * @return list<PictureSource>
     */
    public static function narrow(Picture $picture, Addresses $addresses, Place $place, Width $on): array
    {
        $data = new self($picture, $addresses, $place);
        $media = (string) $on->media();

        return match (true) {
            $on === Width::Phone => $data->forPhones(),
            $data->isForPhones() => [...$data->forPhones(), ...$data->each($media, $data->wide(), false)],
            default => $data->each($media, $data->wide(), true),
        };
    }

    /** @return list<PictureSource> */
    private function sources(): array
    {
        $sources = $this->isForPhones() ? $this->forPhones() : [];
        foreach ($this->picture->avif ? $this->each('', $this->wide(), ! $this->isForPhones()) : [] as $source) {
            $source['avif'] && $sources[] = $source;
        }

        return $sources;
    }

    /** Whether phones are offered less than other widths. */
    private function isForPhones(): bool
    {
        return max($this->wide()) > PictureSizes::ON_PHONES;
    }

    /** @return list<PictureSource> */
    private function forPhones(): array
    {
        $pixels = $this->place->pixels(Width::Phone);
        $sizes = $this->between($pixels, self::FINE_ON_PHONES * $pixels, PictureSizes::ON_PHONES);

        return $this->each((string) Width::Phone->media(), $sizes, false, $this->place->css(Width::Phone));
    }

    /** @return non-empty-list<int> the sizes that a place is offered */
    private function wide(): array
    {
        if ($this->wide !== null) {
            return $this->wide;
        }
        $most = $this->place->most();
        $finer = $most <= self::SMALL ? 0.0 : self::FINE_ON_PHONES * $this->place->pixels(Width::Phone);

        $fine = max(self::FINE * $most, min($finer, (float) PictureSizes::ON_PHONES));

        return $this->wide = $this->between($most, $fine);
    }

    /** @return non-empty-list<int> */
    private function between(float $pixels, float $fine, int $most = PHP_INT_MAX): array
    {
        $widest = $this->picture->sizeFor($fine, $most);
        $sizes = array_values(array_filter(
            array_keys($this->picture->sizes()),
            static fn (int $size): bool => $size <= $widest
                && ($size > PictureSizes::ALL[0] || $pixels <= self::SMALL),
        ));

        return $sizes === [] ? [$widest] : $sizes;
    }

    /**
     * @param  non-empty-list<int>  $sizes
     * @return list<PictureSource>
     */
    private function each(string $media, array $sizes, bool $withPhone, ?string $length = null): array
    {
        $source = ['media' => $media, 'avif' => false] + $this->chosenAmong($sizes, $withPhone, $length)
            + ['width' => $this->picture->width, 'height' => $this->picture->height];
        if ($source['srcset'] === '') {
            $source['srcset'] = $this->addresses->picture($this->picture, $sizes[0]);
        }

        return [
            ...$this->picture->avif
                ? [['avif' => true, 'srcset' => str_replace('.webp', '.avif', $source['srcset'])] + $source]
                : [],
            $source,
        ];
    }

    /**
     * @param  non-empty-list<int>  $sizes
     * @return array{srcset: string, sizes: string} empty where there is nothing to choose
     */
    private function chosenAmong(array $sizes, bool $withPhone, ?string $length = null): array
    {
        $widths = $this->picture->sizes();

        return count($sizes) === 1 ? ['srcset' => '', 'sizes' => ''] : [
            'srcset' => implode(', ', array_map(
                fn (int $size): string => "{$this->addresses->picture($this->picture, $size)} {$widths[$size]}w",
                $sizes,
            )),
            'sizes' => $length ?? $this->place->sizes($withPhone),
        ];
    }
}
