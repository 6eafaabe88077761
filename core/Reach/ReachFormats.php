<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Brings a stored reach of an older format forward, one format at a time.
 *
 * @api
 */
final class ReachFormats
{
    /**
     * @param  array<array-key, mixed>  $stored
     * @return array<array-key, mixed>|null null when the format is not known
     */
    public static function upcast(array $stored): ?array
    {
        $format = $stored['format'] ?? Reach::FORMAT;
        if ($format === 1) {
            $stored = self::fromFormat1($stored);
        } elseif ($format !== Reach::FORMAT) {
            return null;
        }

        return $stored;
    }

    /**
     * Format 1 had neither seasons nor *goes first*.
     *
     * @param  array<array-key, mixed>  $stored
     * @return array<array-key, mixed>
     */
    private static function fromFormat1(array $stored): array
    {
        return ['format' => 2, 'season' => [], 'goesFirst' => false] + $stored;
    }
}
