<?php

declare(strict_types=1);

namespace Vestibra\Blocks;

use Vestibra\Core\Composing\PictureData;

/**
 * The parts of HTML that every picture of a page has: what may be fetched for it, and how large it is.
 *
 * @phpstan-import-type PictureSource from PictureData
 * @phpstan-import-type Printed from PictureData
 */
final class PictureTags
{
    /**
     * @param  Printed  $picture
     * @param  array{sources: list<PictureSource>, focus: string}|null  $narrow
     */
    public static function sources(array $picture, ?array $narrow = null): string
    {
        $html = '';
        foreach ([...$narrow['sources'] ?? [], ...$picture['sources']] as $source) {
            $html .= '<source'
                .self::said('type', $source['avif'] ? 'image/avif' : '')
                .self::said('media', $source['media'])
                .self::said('srcset', $source['srcset'])
                .self::said('sizes', $source['sizes'])
                .($narrow === null ? '' : " width=\"{$source['width']}\" height=\"{$source['height']}\"").'>';
        }

        return $html;
    }

    /**
     * The attributes of its `img` that say what may be fetched.
     *
     * @param  Printed  $picture
     */
    public static function fetched(array $picture): string
    {
        return 'src="'.htmlspecialchars($picture['src']).'"'
            .self::said('srcset', $picture['srcset'])
            .self::said('sizes', $picture['sizes'])
            ." width=\"{$picture['width']}\" height=\"{$picture['height']}\"";
    }

    private static function said(string $attribute, string $value): string
    {
        return $value === '' ? '' : " $attribute=\"".htmlspecialchars($value).'"';
    }
}
