<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Vestibra\App\Records\Catalogue\Sql\LivingRows;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Living;
use Vestibra\Core\Reach\Reach;

/**
 * Which of the things that some reaches name still exist, and what others were merged into: one query for all of them.
 */
final readonly class LivingNames implements Living
{
    /** The tables that each field's ids live in. */
    public const TABLES = [
        'category' => 'categories',
        'brand' => 'brands',
        'tag' => 'tags',
        'collection' => 'collections',
        'product' => 'products',
        'option' => 'options',
        'option-value' => 'option_values',
        'fact' => 'facts',
    ];

    /** What things were merged into: their tables and columns. */
    public const MERGED = [
        'category' => ['merged_categories', 'category_id'],
        'collection' => ['merged_collections', 'collection_id'],
        'brand' => ['merged_brands', 'brand_id'],
        'tag' => ['merged_tags', 'tag_id'],
        'option' => ['merged_options', 'option_id'],
        'option-value' => ['merged_option_values', 'option_value_id'],
    ];

    /**
     * @param  array<string, array<int, int>>  $living  by the number that is named: its own, or that of what it was
     *     merged into
     */
    private function __construct(private array $living)
    {
    }

    /** @param  iterable<Reach>  $reaches */
    public static function of(iterable $reaches): self
    {
        $named = [];
        foreach ($reaches as $reach) {
            foreach ([...$reach->show, ...$reach->keepOff] as $clause) {
                foreach ($clause->conditions as $condition) {
                    $things = self::things($condition);
                    foreach ($condition->of === null ? $condition->values : [$condition->of] as $id) {
                        if ($things !== null && is_int($id)) {
                            $named[$things][$id] = $id;
                        }
                    }
                }
            }
        }
        $living = [];
        foreach (LivingRows::of($named) as $row) {
            $living[$row->field][$row->named] = $row->id;
        }

        return new self($living);
    }

    /** @return string|null what the ids of a condition are ids of; null when it names nothing by id */
    public static function things(Condition $condition): ?string
    {
        $things = $condition->field === 'option' && $condition->comparison === 'offersValue'
            ? 'option-value'
            : $condition->field;

        return isset(self::TABLES[$things]) ? $things : null;
    }

    public function among(string $things, array $ids): array
    {
        $living = [];
        foreach ($ids as $id) {
            $own = $this->living[$things][$id] ?? null;
            $own === null || $living[$own] = $own;
        }

        return array_values($living);
    }
}
