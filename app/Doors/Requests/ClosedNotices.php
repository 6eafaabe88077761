<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Http\Request;

/** The notices that a customer has closed, kept in a cookie of the customer's own. */
final class ClosedNotices
{
    public const COOKIE = 'closed';

    private const MOST = 20;

    /** @return list<string> the marks of notices */
    public static function of(Request $request): array
    {
        $kept = $request->cookies->get(self::COOKIE);

        return array_slice(
            array_values(array_filter(explode('.', is_string($kept) ? $kept : ''), self::isMark(...))),
            -self::MOST,
        );
    }

    public static function isMark(string $mark): bool
    {
        return preg_match('/^[0-9a-f]{12}$/D', $mark) === 1;
    }

    /** @return string what the cookie says with one more */
    public static function with(Request $request, string $mark): string
    {
        return implode('.', array_slice(array_values(array_unique([...self::of($request), $mark])), -self::MOST));
    }
}
