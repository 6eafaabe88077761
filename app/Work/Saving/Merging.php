<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\Sql\OptionRows;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Merge;
use Vestibra\Core\Catalogue\Changing\MergedAround;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/** Reads what stands around two things that are to become one. */
final readonly class Merging
{
    public function __construct(private StoredThings $things)
    {
    }

    /** @return Entry|Problem what merging them changes */
    public function entry(Thing $thing, int $from, int $into): Entry|Problem
    {
        $merge = Merge::of(
            $thing,
            $from,
            $into,
            in_array($thing, Merge::THINGS, true) ? $this->things->read($thing, [$from, $into]) : [],
            $thing === Thing::Category ? self::above($into) : [],
        );
        if ($merge instanceof Problem) {
            return $merge;
        }
        $same = $thing === Thing::Option ? self::same($from, $into) : [];
        $products = self::productsOf($thing, $from);
        $variants = self::variantsOf($thing === Thing::OptionValue ? [$from] : array_keys($same));
        [$beneath, $last] = match ($thing) {
            Thing::Category => self::beneath(Category::class, 'parent_id', $from, $into),
            Thing::Option => self::beneath(OptionValue::class, 'option_id', $from, $into),
            default => [[], 0],
        };

        return Merge::tooMuch(count($products) + count($variants)) ?? $merge->entry(new MergedAround(
            $this->read(Thing::Product, $products),
            $this->read(Thing::Variant, $variants),
            $beneath,
            $last,
            $same,
            $this->things->read(Thing::OptionValue, [...array_keys($same), ...array_values($same)]),
        ));
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array<string, mixed>>
     */
    private function read(Thing $thing, array $ids): array
    {
        $read = [];
        foreach (array_chunk($ids, 500) as $some) {
            $read += $this->things->read($thing, $some);
        }

        return $read;
    }

    /** @return list<int> */
    private static function productsOf(Thing $thing, int $id): array
    {
        $found = match ($thing) {
            Thing::Category => Link::in('category_product')->toBase()->where('category_id', $id)->pluck('product_id'),
            Thing::Brand => Product::query()->toBase()->where('brand_id', $id)->pluck('id'),
            Thing::Tag => Link::in('product_tag')->toBase()->where('tag_id', $id)->pluck('product_id'),
            default => collect(),
        };

        return array_values(array_map(intval(...), $found->all()));
    }

    /**
     * @param  list<int>  $values
     * @return list<int>
     */
    private static function variantsOf(array $values): array
    {
        return $values === [] ? [] : array_values(array_map(
            intval(...),
            Link::in('variant_values')->toBase()->whereIntegerInRaw('option_value_id', $values)
                ->distinct()
                ->pluck('variant_id')
                ->all(),
        ));
    }

    /** @return list<int> */
    private static function above(int $category): array
    {
        $above = [];
        while (($parent = Category::query()->toBase()->where('id', $category)->value('parent_id')) !== null) {
            $above[] = $category = (int) $parent;
        }

        return $above;
    }

    /**
     * @param  class-string<Category|OptionValue>  $model
     * @return array{array<int, int>, int} what lies in the one, in order, with its place; and the last place in the
     *     other
     */
    private static function beneath(string $model, string $holder, int $from, int $into): array
    {
        $places = $model::query()->toBase()->where($holder, $from)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('position', 'id')
            ->all();

        return [
            array_map(intval(...), $places),
            (int) $model::query()->toBase()->where($holder, $into)->max('position'),
        ];
    }

    /** @return array<int, int> values of the one option => those of the same name of the other */
    private static function same(int $from, int $into): array
    {
        $same = [];
        foreach (OptionRows::alike($from, $into) as $row) {
            $same[(int) $row->one] = (int) $row->other;
        }

        return $same;
    }
}
