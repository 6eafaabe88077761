<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Types\GroundPicture;

/**
 * The files of pictures that lie on grounds, as custom properties of the page: at each width as large as the largest
 * place that a picture lies in, twice as fine for finer screens (CSS Images 4, `image-set()`).
 *
 * @internal
 */
final class GroundPictures
{
    /** How wide a picture is that repeats at its own size. */
    private const OWN_SIZE = 800;

    /** @var array<string, array<int, float>> width => picture => pixels */
    private array $wanted = [];

    /** @var array<int, true> pictures that repeat at their own size somewhere */
    private array $repeated = [];

    public function __construct(private readonly StyleSheet $sheet, private readonly Addresses $addresses)
    {
    }

    public function of(Picture $picture, Place $place, bool $repeats): void
    {
        if ($repeats) {
            $this->repeated[$picture->id] = true;
        }
        $wider = null;
        foreach (Width::cases() as $width) {
            $wanted = max($this->wanted[$width->value][$picture->id] ?? 0.0, $place->pixels($width));
            $this->wanted[$width->value][$picture->id] = $wanted;
            $file = isset($this->repeated[$picture->id])
                ? $this->atItsSize($picture, $width)
                : $this->file($picture, $wanted, $width);
            if ($file !== $wider) {
                $this->sheet->define(GroundPicture::property($picture->id), $file, $width);
            }
            $wider = $file;
        }
        [$across, $down] = [25 * $picture->focusX, 25 * $picture->focusY];
        if ([$across, $down] !== [50, 50]) {
            $this->sheet->define(GroundPicture::point($picture->id), "$across% $down%");
        }
    }

    private function file(Picture $picture, float $pixels, Width $width): string
    {
        $most = $width === Width::Phone ? PictureSizes::ON_PHONES : PHP_INT_MAX;
        $plain = $picture->sizeFor($pixels, $most);
        $fine = $picture->sizeFor(2 * $pixels, $most);

        return $fine === $plain
            ? $this->url($picture, $plain)
            : "image-set({$this->url($picture, $plain)} 1x,{$this->url($picture, $fine)} 2x)";
    }

    /** What repeats at its own size is as large on finer screens. */
    private function atItsSize(Picture $picture, Width $width): string
    {
        $sizes = $picture->sizes();
        $plain = $picture->sizeFor(self::OWN_SIZE);
        $fine = $width === Width::Phone ? $plain : $picture->sizeFor(2 * self::OWN_SIZE);
        if ($fine === $plain) {
            return $this->url($picture, $plain);
        }
        $finer = round($sizes[$fine] / $sizes[$plain], 3);

        return "image-set({$this->url($picture, $plain)} 1x,{$this->url($picture, $fine)} {$finer}x)";
    }

    private function url(Picture $picture, int $size): string
    {
        return "url(\"{$this->addresses->picture($picture, $size)}\")";
    }
}
