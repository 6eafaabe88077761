<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Vestibra\Demo\Drawing\Drawings;

/** The demo's picture files, named after what they show, so that what is drawn already is not drawn again. */
final class PictureFiles
{
    /** @param  array{string, string, string}  $view */
    public static function name(array $view): string
    {
        return $view[0].'-'.ltrim($view[1], '#').'-'.ltrim($view[2], '#');
    }

    /** @return array<string, array{string, string, string}> file => what is drawn */
    public static function all(): array
    {
        $files = [];
        foreach (Larkfold::goods() as $good) {
            $views = $good->views;
            if ($good->drawnPerColour !== null) {
                foreach ($good->colours() as [, $swatch]) {
                    $views[] = [$good->drawnPerColour, (string) $swatch, '#c79a4b'];
                }
            }
            foreach ($views as $view) {
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
                Drawings::draw(...$view)->save("$folder/$file");
                $drawn++;
            }
        }

        return $drawn;
    }
}
