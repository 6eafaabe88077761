<?php

declare(strict_types=1);

namespace Vestibra\App\Messages;

/** The owner's own words by message, as they are stored. */
final class OwnWords
{
    /** @return array<string, string> */
    public static function read(string $stored): array
    {
        return array_filter((array) json_decode($stored, true), is_string(...));
    }

    /** @param  array<string, string>  $words */
    public static function written(array $words): string
    {
        ksort($words);

        return (string) json_encode((object) $words, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
