<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Vestibra\Demo\Drawing\Drawings;

/** The demo's picture files, named after what they show, so that what is drawn already is not drawn again. */
final class PictureFiles
{
    private const USUAL = 800;

    private const LARGE = 1600;

    /** @var array<string, true>|null */
    private static ?array $large = null;

    /** @param  array{string, string, string}  $view */
    public static function name(array $view): string
    {
        return $view[0].'-'.ltrim($view[1], '#').'-'.ltrim($view[2], '#');
    }

    /** @return list<array{string, string, string}> */
    private static function perColour(Good $good): array
    {
        $kind = $good->drawnPerColour;

        return $kind === null ? [] : array_map(
            static fn (array $colour): array => [$kind, (string) $colour[1], '#c79a4b'],
            $good->colours(),
        );
    }

    /** @return array<string, true> files of what a product shows first, which are seen large */
    private static function large(): array
    {
        $large = [];
        foreach (Larkfold::goods() as $good) {
            foreach ([...array_slice($good->views, 0, 1), ...self::perColour($good)] as $view) {
                $large[self::name($view)] = true;
            }
        }

        return $large;
    }

    /** The widest size that is drawn of one, in pixels. */
    public static function widest(string $file): int
    {
        self::$large ??= self::large();

        return isset(self::$large[$file]) ? self::LARGE : self::USUAL;
    }

    /** @return array<string, array{string, string, string}> file => what is drawn */
    public static function all(): array
    {
        $files = [];
        foreach (Larkfold::goods() as $good) {
            foreach ([...$good->views, ...self::perColour($good)] as $view) {
                $files[self::name($view)] = $view;
            }
        }

        return $files;
    }

    /**
     * Draws one share of what is missing, so that several processes can draw at once.
     *
     * @return int how many were drawn
     */
    public static function draw(string $folder, int $share, int $shares): int
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        $drawn = $number = 0;
        foreach (self::all() as $file => $view) {
            if ($number++ % $shares === $share && ! is_file("$folder/$file-160.webp")) {
                Drawings::draw(...$view)->save("$folder/$file", self::widest($file));
                $drawn++;
            }
        }

        return $drawn;
    }
}
