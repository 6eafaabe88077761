<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search;

use Illuminate\Support\Facades\Cache;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\Sql\FoundProducts;
use Vestibra\Core\Selling\Search\Wanted;

/**
 * What long searches found, kept between requests as long as nothing has changed that a search looks at. There is room
 * for so many: each has a place by what was asked for, and whoever comes there next takes it over.
 */
final readonly class KeptHits
{
    private const PLACES = 64;

    /** In seconds: words that are near are looked for among those that were counted a while ago. */
    private const KEPT = 300;

    /** What is found as quickly again is not kept. */
    private const LEAST_HITS = 500;

    /**
     * @param  string  $asked  whatever decides about what is found, but for the catalogue
     * @return array{list<Wanted>, list<string>, string}|null what was looked for in the end, what was left out and the
     *     products as JSON, the best first; null: it is not kept
     */
    public static function of(string $asked): ?array
    {
        $kept = Cache::get(self::place($asked));
        if (! is_array($kept) || ($kept['asked'] ?? null) !== $asked
            || ($kept['changes'] ?? null) !== FoundProducts::changes()) {
            return null;
        }
        /**
         * @var array{wanted: list<array{string, list<string>, list<string>}>, left: list<string>, ids: string} $kept
         */
        $wanted = array_map(static fn (array $one): Wanted => new Wanted(...$one), $kept['wanted']);

        return [$wanted, $kept['left'], $kept['ids']];
    }

    /** @param  int  $changes  as they were before it was looked */
    public static function keep(string $asked, int $changes, SearchHits $hits): void
    {
        if ($hits->total < self::LEAST_HITS && $hits->corrected() === []) {
            return;
        }
        NoRoom::passOver(static fn () => Cache::put(self::place($asked), [
            'asked' => $asked,
            'changes' => $changes,
            'wanted' => array_map(
                static fn (Wanted $one): array => [$one->words, $one->same, $one->near],
                $hits->wanted,
            ),
            'left' => $hits->leftOut,
            'ids' => FoundProducts::all($hits),
        ], self::KEPT));
    }

    private static function place(string $asked): string
    {
        return 'found '.md5(Database::name()).' '.crc32($asked) % self::PLACES;
    }
}
