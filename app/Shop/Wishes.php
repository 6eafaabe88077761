<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use Illuminate\Http\Request;
use Vestibra\App\Http\Asked;

/** What a customer asked for in the address, as `?o[3]=17`: option id => value id. */
final class Wishes
{
    /** @return array<int, int> anything that is not a pair of whole numbers becomes a wish that nothing fulfils */
    public static function from(Request $request): array
    {
        $wishes = [];
        foreach (Asked::map($request, 'o', 20) as $option => $value) {
            $wishes[(int) $option] = is_string($value) && ctype_digit($value) && strlen($value) < 16 ? (int) $value : 0;
        }

        return $wishes;
    }
}
