<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Requests;

use Illuminate\Http\Request;
use Vestibra\Core\Composing\Visit;

/**
 * What somebody asked for in the address: `?o[3]=17` wishes a value of an option, `?of[8][3]=17` one for another
 * product that the page shows, `page`, `sort`, `show` and `reviews` speak for themselves, and what is left may be
 * filters.
 */
final class Visits
{
    private const KNOWN = [
        'o' => true, 'of' => true, 'reviews' => true, 'page' => true, 'sort' => true, 'show' => true, 'q' => true,
    ];

    private const MOST_FILTERS = 60;

    private const MOST_WISHES = 20;

    private const MOST_BESIDES = 20;

    private const LONGEST = 200;

    /** What the form of the filters sends besides them. */
    public const FORM = 'narrow';

    /** Whether it came from the form of the filters, whose address is longer than that of what was chosen. */
    public static function isForm(Visit $visit): bool
    {
        return isset($visit->filters[self::FORM]);
    }

    /** Anything that is not a pair of whole numbers becomes a wish that nothing fulfils. */
    public static function from(Request $request): Visit
    {
        return new Visit(
            self::wishes(Asked::map($request, 'o', self::MOST_WISHES)),
            Asked::text($request, 'reviews', 20),
            Asked::page($request),
            Asked::text($request, 'sort', 20),
            Asked::number($request, 'show', 0, 0, 10_000),
            array_slice(array_diff_key($request->query->all(), self::KNOWN), 0, self::MOST_FILTERS, true),
            mb_substr(mb_scrub($request->getPathInfo()), 0, self::LONGEST),
            ClosedNotices::of($request),
            self::besides($request),
        );
    }

    /** @return array<int, array<int, int>> product id => wishes */
    private static function besides(Request $request): array
    {
        $besides = [];
        foreach (Asked::map($request, 'of', self::MOST_BESIDES) as $product => $asked) {
            $besides[(int) $product] = is_array($asked) ? self::wishes($asked) : [];
        }

        return $besides;
    }

    /**
     * @param  array<array-key, mixed>  $asked
     * @return array<int, int> option id => value id
     */
    public static function wishes(array $asked): array
    {
        $wishes = [];
        foreach (array_slice($asked, 0, self::MOST_WISHES, true) as $option => $value) {
            $wishes[(int) $option] = is_string($value) && ctype_digit($value) && strlen($value) < 16 ? (int) $value : 0;
        }

        return $wishes;
    }
}
