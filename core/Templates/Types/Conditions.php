<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionReader;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Conditions on what the page is about that must all hold, as in a rule's clause.
 *
 * @api
 */
final readonly class Conditions implements NamesThings, SettingType
{
    public const MOST = 10;

    /**
     * What a block on a product's page may look at; on others, all that rules may. Dates have a setting of their own.
     */
    private const OF_PRODUCTS = [
        'sale', 'stock', 'rating', 'reviews', 'fact', 'option', 'category', 'tag', 'brand', 'collection', 'price',
        'picture', 'variants', 'description', 'product',
    ];

    public function problem(mixed $value): ?SettingProblem
    {
        return is_array($value) && array_is_list($value) && count($value) <= self::MOST && self::read($value) !== null
            ? null
            : SettingProblem::NotConditions;
    }

    /**
     * @return list<string> the fields that a block may look at on pages of a kind, in the order in which they are
     *     offered
     */
    public static function fields(PageKind $kind): array
    {
        return $kind === PageKind::Product ? self::OF_PRODUCTS : array_keys(RuleFields::standard()->on($kind));
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return list<Condition>|null null when one of them can be asked on no kind of page
     */
    public static function read(array $value): ?array
    {
        $conditions = [];
        foreach ($value as $one) {
            $condition = self::one($one);
            if ($condition === null) {
                return null;
            }
            $conditions[] = $condition;
        }

        return $conditions;
    }

    private static function one(mixed $value): ?Condition
    {
        foreach (PageKinds::standard()->all() as $kind) {
            $condition = (new ConditionReader(RuleFields::standard(), ShopZone::of('UTC'), $kind->kind(), null))
                ->parse($value, '');
            if ($condition instanceof Condition && in_array($condition->field, self::fields($kind->kind()), true)) {
                return $condition;
            }
        }

        return null;
    }

    public function names(mixed $value): array
    {
        $named = [];
        foreach (is_array($value) ? self::read($value) ?? [] : [] as $condition) {
            foreach ($condition->of === null
                ? array_filter($condition->values, is_int(...))
                : [$condition->of] as $number) {
                if ($condition->of !== null || self::takesNames($condition)) {
                    $named[] = [$condition->comparison === 'offersValue' ? 'option-value' : $condition->field, $number];
                }
            }
        }

        return $named;
    }

    private static function takesNames(Condition $condition): bool
    {
        foreach (PageKinds::standard()->all() as $kind) {
            $comparison = RuleFields::standard()->comparison($kind->kind(), $condition->field, $condition->comparison);
            if ($comparison !== null) {
                return $comparison->takes === ConditionValues::Names;
            }
        }

        return false;
    }

    public function describe(): array
    {
        return ['type' => 'conditions', 'max' => self::MOST];
    }
}
