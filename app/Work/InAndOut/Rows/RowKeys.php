<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;

/** Finds variants by what a file calls them, and what was probably meant where there is none. */
final readonly class RowKeys
{
    /** So many that begin alike are compared. */
    private const COMPARED = 400;

    /** Letters that may be others. */
    private const FAR = 2;

    private const MOST_ZEROS = 5;

    /** @param  string  $key  of `RowTerms::KEYS` */
    public function __construct(private string $key)
    {
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, list<array{int, int}>> the variants that each is the key of, with their products; an
     *     address name is the key of a product without variants too, with 0 in the place of one
     */
    public function found(array $keys): array
    {
        $rows = $this->key === 'slug'
            ? Product::query()->toBase()->leftJoin('variants', 'variants.product_id', '=', 'products.id')
                ->whereIn('products.slug', $keys)
                ->orderBy('variants.id')
                ->get(['variants.id', 'products.id as product_id', 'products.slug as key'])
            : Variant::query()->toBase()->whereIn($this->key, $keys)
                ->orderBy('id')
                ->get(['id', 'product_id', "$this->key as key"]);
        $found = [];
        foreach ($rows as $row) {
            $found[(string) $row->key][] = [(int) $row->id, (int) $row->product_id];
        }

        return $found;
    }

    /** A spreadsheet takes zeros off the front, and fingers take one key for another. */
    public function meant(string $key): ?string
    {
        $padded = [];
        for ($zeros = 1; $zeros <= self::MOST_ZEROS; $zeros++) {
            $padded[] = str_repeat('0', $zeros).$key;
        }
        $found = ctype_digit($key) ? array_keys($this->found($padded)) : [];
        if ($found !== []) {
            return (string) $found[0];
        }
        $half = intdiv(mb_strlen($key), 2);
        $tried = [[mb_substr($key, 0, -2), ''], [mb_substr($key, 0, $half), ''], ['', mb_substr($key, $half)]];
        foreach ($tried as $ends) {
            $best = [self::FAR + 1, null];
            foreach (implode('', $ends) === '' ? [] : $this->near(...$ends) as $other) {
                $far = levenshtein(mb_strtolower(mb_substr($key, 0, 60)), mb_strtolower(mb_substr($other, 0, 60)));
                $best = $far < $best[0] ? [$far, $other] : $best;
            }
            if ($best[1] !== null) {
                return $best[1];
            }
        }

        return null;
    }

    /** @return list<string> */
    private function near(string $beginning, string $end): array
    {
        $like = addcslashes($beginning, '%_\\').'%'.addcslashes($end, '%_\\');
        $query = $this->key === 'slug'
            ? Product::query()->toBase()->where('slug', 'like', $like)
            : Variant::query()->toBase()->where($this->key, 'like', $like);

        return array_values(array_filter(
            $query->orderBy($this->key)->limit(self::COMPARED)->pluck($this->key)->all(),
            is_string(...),
        ));
    }
}
