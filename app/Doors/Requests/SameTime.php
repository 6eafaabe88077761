<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Two who change the same thing at the same time: the second is told, with both values, and nothing is overwritten
 * before one of them is chosen. A request says with `seen` what stood there when its author began, and with `knowingly`
 * that the author has seen both.
 */
final class SameTime
{
    /**
     * @param  array<string, mixed>  $stands  the values as they are now
     * @param  array<string, mixed>  $wanted  by the same names
     * @return array<string, mixed>|JsonResponse what to store: what the author did not touch stays as it is now
     */
    public static function of(Request $request, array $stands, array $wanted): array|JsonResponse
    {
        $seen = Asked::untrusted($request, 'seen');
        if (! is_array($seen) || Asked::flag($request, 'knowingly')) {
            return $wanted;
        }
        $crossed = [];
        foreach ($wanted as $name => $value) {
            if (! array_key_exists($name, $seen) || self::same($seen[$name], $stands[$name])) {
                continue;
            }
            if (self::same($seen[$name], $value)) {
                $wanted[$name] = $stands[$name];
            } elseif (! self::same($stands[$name], $value)) {
                $crossed[$name] = ['theirs' => $stands[$name], 'yours' => $value];
            }
        }

        return $crossed === [] ? $wanted : new JsonResponse([
            'message' => 'Somebody has changed this meanwhile. Nothing was overwritten.',
            'crossed' => $crossed,
        ], 409);
    }

    private static function same(mixed $one, mixed $other): bool
    {
        $plain = static fn (mixed $value): string =>
            is_array($value) ? (string) json_encode(array_values($value)) : (is_scalar($value) ? (string) $value : '');

        return $plain($one) === $plain($other);
    }
}
