<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

use LogicException;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * How a folder with a whole shop is laid out: one readable file for each thing, called by its address name.
 *
 * @api
 */
final class ShopFolder
{
    public const FORMAT = 1;

    /** Bytes of one file of words. */
    public const MOST_BYTES = 5_000_000;

    public const DEEPEST = 32;

    /** The things that have a file each, in an order in which most of them name only what comes before. */
    public const FOLDERS = [
        'brand' => 'brands', 'tag' => 'tags', 'category' => 'categories', 'product' => 'products',
        'collection' => 'collections',
    ];

    /** What stands in a file for each thing. */
    public const OPTIONS = 'options.json';

    public const FACTS = 'facts.json';

    public const SHOP = 'shop.json';

    public const CONTENTS = 'contents.json';

    public const PICTURES = 'pictures';

    public const FILES = 'files';

    public static function path(Thing $thing, string $name): string
    {
        return (self::FOLDERS[$thing->value] ?? throw new LogicException('It has no file of its own.'))."/$name.json";
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed> with what it is and in which format in front
     */
    public static function headed(string $what, array $values): array
    {
        return ['vestibra' => $what, 'format' => self::FORMAT] + $values;
    }

    /** @param  array<string, mixed>  $values */
    public static function text(array $values): string
    {
        return json_encode(
            $values,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }
}
