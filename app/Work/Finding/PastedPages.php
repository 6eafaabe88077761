<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\Core\Pages\PageKind;

/**
 * Finds pages by what is pasted: stock numbers, bar codes, address names and whole addresses, one a line or with
 * commas, semicolons, tabs and spaces between them.
 *
 * @phpstan-type Pasted array{ids: list<int>, named: int, unknown: list<string>, unknownCount: int}
 */
final readonly class PastedPages
{
    private const SHOWN = 20;

    private const AT_ONCE = 500;

    private const TABLES = [
        'product' => 'products',
        'category' => 'categories',
        'collection' => 'collections',
        'brand' => 'brands',
        'tag' => 'tags',
    ];

    /** @return Pasted */
    public function find(PageKind $kind, string $text): array
    {
        $words = preg_split('/[\s,;]+/u', $text, -1, PREG_SPLIT_NO_EMPTY);
        $named = array_map(self::named(...), $words === false ? [] : $words);
        $named = array_map(strval(...), array_values(array_unique(array_filter($named, static fn (string $one): bool =>
            $one !== ''))));
        $found = $known = [];
        foreach (array_chunk($named, self::AT_ONCE) as $some) {
            foreach ($this->some($kind, $some) as $key => $id) {
                $known[mb_strtolower((string) $key)] = true;
                $found[$id] = true;
            }
        }
        $unknown = array_values(
            array_filter($named, static fn (string $one): bool => ! isset($known[mb_strtolower($one)])),
        );

        return [
            'ids' => array_keys($found),
            'named' => count($named),
            'unknown' => array_map(
                static fn (string $one): string => mb_substr($one, 0, 60),
                array_slice($unknown, 0, self::SHOWN),
            ),
            'unknownCount' => count($unknown),
        ];
    }

    /**
     * @param  list<string>  $keys
     * @return iterable<array-key, int> the page of each key
     */
    private function some(PageKind $kind, array $keys): iterable
    {
        $table = self::TABLES[$kind->value] ?? null;
        if ($table === null) {
            return;
        }
        yield from self::numbers(Rows::in($table)->whereIn('slug', array_map(mb_strtolower(...), $keys))
            ->pluck('id', 'slug')
            ->all());
        if ($kind !== PageKind::Product) {
            return;
        }
        foreach (['sku', 'barcode'] as $column) {
            // Fingers write small what stands in capitals.
            $written = array_values(array_unique([...$keys, ...array_map(mb_strtoupper(...), $keys)]));
            yield from self::numbers(Variant::query()->toBase()->whereIn($column, $written)
                ->whereIn('product_id', Product::query()->toBase()->select('id'))
                ->pluck('product_id', $column)
                ->all());
        }
    }

    /**
     * @param  array<mixed>  $pairs
     * @return array<array-key, int>
     */
    private static function numbers(array $pairs): array
    {
        return array_filter($pairs, is_int(...));
    }

    /** @return string what stands last in an address; anything else as it is */
    private static function named(string $word): string
    {
        $path = str_contains($word, '/') ? parse_url($word, PHP_URL_PATH) : $word;

        return is_string($path) ? rawurldecode(basename(rtrim($path, '/'))) : '';
    }
}
