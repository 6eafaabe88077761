<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\Problem;

/**
 * What has to hold between the fields of one thing, and between the variants of one product.
 *
 * @api
 */
final class Checks
{
    /** The fields that such a check is about: what was amiss before does not stand in the way of a change of others. */
    private const ABOUT = [
        'product' => ['mainCategory', 'categories', 'shownFrom', 'shownUntil'],
        'variant' => ['price', 'salePrice', 'saleFrom', 'saleUntil'],
    ];

    /**
     * @param  array<string, mixed>  $fields  all of the thing
     * @param  list<string>|null  $changed  the names of those that change; null for all
     * @return list<Problem>
     */
    public static function thing(Thing $thing, int $id, array $fields, ?array $changed = null): array
    {
        $concerns = $changed === null || array_intersect($changed, self::ABOUT[$thing->value] ?? []) !== [];

        return match (true) {
            ! $concerns => [],
            $thing === Thing::Product => self::product(Change::keyOf($thing, $id), $fields, $changed),
            $thing === Thing::Variant => self::variant(Change::keyOf($thing, $id), $fields),
            default => [],
        };
    }

    /**
     * @param  array<int, array<string, mixed>>  $variants  all of one product, by number
     * @param  array<int, int>  $options  value => its option
     * @return list<Problem>
     */
    public static function variants(array $variants, array $options): array
    {
        $problems = $seen = $skus = [];
        foreach ($variants as $id => $fields) {
            $values = is_array($fields['values'] ?? null) ? array_filter($fields['values'], is_int(...)) : [];
            $of = array_map(static fn (int $value): int => $options[$value] ?? 0, $values);
            $key = Change::keyOf(Thing::Variant, $id);
            $combination = implode(',', $values);
            $sku = is_string($fields['sku'] ?? null) ? $fields['sku'] : '';
            if (count(array_unique($of)) < count($of)) {
                $problems[] = CatalogueProblem::TwoOfOneOption->at("$key/values");
            } elseif (isset($seen[$combination])) {
                $problems[] = CatalogueProblem::VariantTwice->at("$key/values", ['other' => $seen[$combination]]);
            } elseif (isset($skus[$sku])) {
                $problems[] = CatalogueProblem::SkuTaken
                    ->at("$key/sku", ['sku' => $sku, 'where' => 'another variant of this product']);
            }
            $seen[$combination] ??= $sku;
            $skus[$sku] = true;
        }

        return $problems;
    }

    /**
     * Whether a category stands in itself, however far down.
     *
     * @param  array<int, int|null>  $parents  category => what it stands in
     */
    public static function circle(array $parents, int $id): bool
    {
        $above = $parents[$id] ?? null;
        for ($steps = 0; $above !== null && $steps <= count($parents); $steps++) {
            if ($above === $id) {
                return true;
            }
            $above = $parents[$above] ?? null;
        }

        return $above !== null;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  list<string>|null  $changed  what was amiss about other fields does not stand in the way
     * @return list<Problem>
     */
    private static function product(string $key, array $fields, ?array $changed): array
    {
        $main = $fields['mainCategory'] ?? null;
        $filed = is_array($fields['categories'] ?? null) ? $fields['categories'] : [];

        $files = $changed === null || array_intersect($changed, ['mainCategory', 'categories']) !== [];
        $problems = ! $files || $main === null || in_array($main, $filed, true)
            ? []
            : [CatalogueProblem::MainNotFiled->at("$key/mainCategory")];
        if (is_string($fields['shownFrom'] ?? null)
            && is_string($fields['shownUntil'] ?? null)
            && $fields['shownUntil'] <= $fields['shownFrom']) {
            $problems[] = CatalogueProblem::ShownEndsFirst->at("$key/shownUntil");
        }

        return $problems;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return list<Problem>
     */
    private static function variant(string $key, array $fields): array
    {
        $problems = [];
        if (is_int($fields['salePrice'] ?? null) && $fields['salePrice'] >= ($fields['price'] ?? 0)) {
            $problems[] = CatalogueProblem::SaleNotBelow->at("$key/salePrice");
        }
        if (is_string($fields['saleFrom'] ?? null)
            && is_string($fields['saleUntil'] ?? null)
            && $fields['saleUntil'] <= $fields['saleFrom']) {
            $problems[] = CatalogueProblem::SaleEndsFirst->at("$key/saleUntil");
        }

        return $problems;
    }
}
