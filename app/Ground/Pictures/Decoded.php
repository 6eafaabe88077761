<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use GdImage;

/** A picture read whole, the right way up: phones write which side is up beside the picture (Exif 2.32, tag 0x0112). */
final readonly class Decoded
{
    /** Clockwise turns and whether it is mirrored, by the value of the tag. */
    private const TURNS = [
        1 => [0, false], 2 => [0, true], 3 => [180, false], 4 => [180, true], 5 => [90, true], 6 => [90, false],
        7 => [270, true], 8 => [270, false],
    ];

    private function __construct(public GdImage $image)
    {
    }

    /** @return self|null null when it is cut off, damaged, or no picture at all */
    public static function of(string $bytes): ?self
    {
        $image = self::isCutOff($bytes) ? false : @imagecreatefromstring($bytes);
        if (! $image instanceof GdImage) {
            return null;
        }
        [$turn, $mirrored] = self::TURNS[self::orientation($bytes)] ?? [0, false];
        $turned = $turn === 0 ? $image : imagerotate($image, 360 - $turn, 0);
        if (! $turned instanceof GdImage) {
            return null;
        }
        $mirrored && imageflip($turned, IMG_FLIP_HORIZONTAL);

        return new self($turned);
    }

    /**
     * A JPEG that ends too early is read all the same, and grey from there on. What is drawn begins with the marker SOS
     * and ends with EOI, neither of which can stand in between (ITU-T T.81, B.1.1.2); a small preview before it has its
     * own.
     */
    private static function isCutOff(string $bytes): bool
    {
        return str_starts_with($bytes, "\xff\xd8")
            && (int) strrpos($bytes, "\xff\xd9") <= (int) strrpos($bytes, "\xff\xda");
    }

    private static function orientation(string $bytes): int
    {
        if (! str_starts_with($bytes, "\xff\xd8") || ! function_exists('exif_read_data')) {
            return 1;
        }
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $read = @exif_read_data($stream);
        fclose($stream);
        $value = is_array($read) ? $read['Orientation'] ?? 1 : 1;

        return is_int($value) ? $value : 1;
    }
}
