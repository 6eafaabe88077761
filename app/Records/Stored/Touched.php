<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;

/** Which pages an entry may make another page of: everything else keeps its template without being asked. */
final readonly class Touched
{
    /** What of a category, brand, tag or option decides about the pages of products. */
    private const FOR_PRODUCTS = ['parent', 'rule', 'products', 'mergedFrom', 'option'];

    /**
     * @param  array<string, array<int, int>>  $things  by thing, each as its own key: those that change themselves, and
     *     those that products join or leave
     * @param  array<string, array<int, int>>  $whole  by thing: those whose products may all move
     */
    private function __construct(
        private array $things,
        private array $whole,
    ) {
    }

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $stands  all fields of what the entry changes, by thing
     *     and number
     */
    public static function by(Entry $entry, array $stands): self
    {
        $things = $whole = [];
        foreach ($entry->changes as $change) {
            $fields = $stands[$change->thing->value][$change->id] ?? [];
            // A variant has no page: its product stands for it.
            $change->thing === Thing::Variant || $things[$change->thing->value][$change->id] = $change->id;
            foreach ([$fields, ($change->after ?? []) + $fields] as $side) {
                foreach (self::around($change->thing, $side) as $thing => $ids) {
                    $things[$thing] = ($things[$thing] ?? []) + array_combine($ids, $ids);
                }
            }
            if ($change->isDeleted() || array_intersect($change->fields(), self::FOR_PRODUCTS) !== []) {
                $whole[$change->thing->value][$change->id] = $change->id;
            }
            foreach (self::joining($change) as $product) {
                $things[Thing::Product->value][$product] = $product;
            }
        }

        return new self($things, $whole);
    }

    public static function nothing(): self
    {
        return new self([], []);
    }

    /** @param  list<int>  $products  by what is not in the catalogue, as a pin */
    public static function products(array $products): self
    {
        return new self([Thing::Product->value => array_combine($products, $products)], []);
    }

    /** What this or the other touches. */
    public function and(self $other): self
    {
        return new self(self::together($this->things, $other->things), self::together($this->whole, $other->whole));
    }

    /**
     * @param  array<string, array<int, int>>  $one
     * @param  array<string, array<int, int>>  $other
     * @return array<string, array<int, int>>
     */
    private static function together(array $one, array $other): array
    {
        foreach ($other as $thing => $ids) {
            $one[$thing] = ($one[$thing] ?? []) + $ids;
        }

        return $one;
    }

    /** @return list<int> */
    public function things(Thing $thing): array
    {
        return array_values($this->things[$thing->value] ?? []);
    }

    /** @return list<int> */
    public function whole(Thing $thing): array
    {
        return array_values($this->whole[$thing->value] ?? []);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, list<int>> by thing
     */
    private static function around(Thing $thing, array $fields): array
    {
        $names = match ($thing) {
            Thing::Product => ['categories' => Thing::Category, 'brand' => Thing::Brand, 'tags' => Thing::Tag],
            Thing::Variant => ['product' => Thing::Product],
            Thing::Category => ['parent' => Thing::Category],
            default => [],
        };
        $around = [];
        foreach ($names as $field => $named) {
            $value = $fields[$field] ?? [];
            $around[$named->value] = array_values(array_filter(is_array($value) ? $value : [$value], is_int(...)));
        }

        return $around;
    }

    /** @return list<int> the products that a collection by hand takes in or lets go */
    public static function joining(Change $change): array
    {
        $before = is_array($change->before['products'] ?? null) ? $change->before['products'] : [];
        $after = is_array($change->after['products'] ?? null) ? $change->after['products'] : [];

        return array_values(
            array_filter([...array_diff($before, $after), ...array_diff($after, $before)], is_int(...)),
        );
    }
}
