<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Http\Request;

/**
 * What an address or a body asks for, read as what it has to be: the one way to read a parameter. Anything else (a list
 * where a word is meant, a number past all limits, bytes that are no text) is as if it had not been given.
 */
final readonly class Asked
{
    /** Ids are smaller: more digits name nothing. */
    private const ID_DIGITS = 15;

    private const MOST_PAGES = 100_000;

    /** @return string trimmed, without control characters, at most so many characters */
    public static function text(Request $request, string $name, int $most = 100): string
    {
        $value = $request->input($name);

        return is_string($value)
            ? trim(mb_substr(preg_replace('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', '', mb_scrub($value)) ?? '', 0, $most))
            : '';
    }

    /** @return int within the limits; the nearest of them for a number beyond */
    public static function number(Request $request, string $name, int $default, int $least, int $most): int
    {
        $value = $request->input($name);
        if (is_string($value) && preg_match('/^-?\d{1,'.self::ID_DIGITS.'}$/D', $value) === 1) {
            $value = (int) $value;
        }

        return is_int($value) ? max($least, min($most, $value)) : $default;
    }

    public static function page(Request $request): int
    {
        return self::number($request, 'page', 1, 1, self::MOST_PAGES);
    }

    /** What is the same for every try at one thing, so that it is done once; empty where nothing was said. */
    public static function key(Request $request): string
    {
        return self::text($request, 'key', 60);
    }

    /** @return int|null which state of something whoever asks has looked at; null where nothing was said */
    public static function revision(Request $request): ?int
    {
        return $request->has('revision') ? self::number($request, 'revision', -1, -1, PHP_INT_MAX) : null;
    }

    /** @return int 0 when no id was given */
    public static function id(Request $request, string $name): int
    {
        return self::asId($request->input($name));
    }

    /** @return list<int> ids from a list, or from words as `3,7,12`; each once, at most so many */
    public static function ids(Request $request, string $name, int $most): array
    {
        $value = $request->input($name);
        $list = is_array($value) ? $value : (is_string($value) ? explode(',', $value, $most + 1) : []);

        return array_slice(array_values(array_unique(array_filter(array_map(self::asId(...), $list)))), 0, $most);
    }

    public static function flag(Request $request, string $name): bool
    {
        return in_array($request->input($name), [true, 1, '1', 'true', 'on', 'yes'], true);
    }

    public static function given(Request $request, string $name): bool
    {
        return $request->has($name);
    }

    /** @return array<array-key, mixed> words by name, as `?o[3]=17` or `choice[3]` of a form; at most so many */
    public static function map(Request $request, string $name, int $most): array
    {
        $value = $request->input($name);

        return is_array($value) ? array_slice($value, 0, $most, true) : [];
    }

    /** @return mixed as it came, for one of the core's readers, which trust nothing */
    public static function untrusted(Request $request, string $name): mixed
    {
        return $request->input($name);
    }

    private static function asId(mixed $value): int
    {
        return match (true) {
            is_int($value) => $value > 0 && $value < 10 ** self::ID_DIGITS ? $value : 0,
            is_string($value) => preg_match('/^\d{1,'.self::ID_DIGITS.'}$/D', $value) === 1 ? (int) $value : 0,
            default => 0,
        };
    }
}
