<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionReader;
use Vestibra\Core\Reach\Fields;
use Vestibra\Core\Reach\Takes;
use Vestibra\Core\Templates\Names;
use Vestibra\Core\Templates\SettingType;

/** Conditions on the product that must all hold, as in a rule's clause. */
final readonly class Conditions implements Names, SettingType
{
    public const MOST = 10;

    /** What a block may look at. Dates have a setting of their own. */
    public const FIELDS = ['sale', 'stock', 'rating', 'reviews', 'fact', 'option', 'category', 'tag', 'brand', 'collection', 'price', 'picture', 'product'];

    public function problem(mixed $value): ?string
    {
        return is_array($value) && array_is_list($value) && count($value) <= self::MOST && self::read($value) !== null
            ? null
            : 'setting.not-conditions';
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return list<Condition>|null null when one of them cannot be read
     */
    public static function read(array $value): ?array
    {
        $reader = new ConditionReader(Fields::standard(), ShopZone::of('UTC'), PageKind::Product, null);
        $conditions = [];
        foreach ($value as $one) {
            $condition = $reader->parse($one, '');
            if ($condition instanceof Problem || ! in_array($condition->field, self::FIELDS, true)) {
                return null;
            }
            $conditions[] = $condition;
        }

        return $conditions;
    }

    public function names(mixed $value): array
    {
        $named = [];
        foreach (is_array($value) ? self::read($value) ?? [] : [] as $condition) {
            $values = Fields::standard()->comparison(PageKind::Product, $condition->field, $condition->comparison)?->takes === Takes::Names ? $condition->values : [];
            foreach ($condition->of === null ? array_filter($values, is_int(...)) : [$condition->of] as $number) {
                $named[] = [$condition->comparison === 'offersValue' ? 'option-value' : $condition->field, $number];
            }
        }

        return $named;
    }

    public function describe(): array
    {
        return ['type' => 'conditions', 'max' => self::MOST];
    }
}
