<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Living;
use Vestibra\Core\Reach\Reach;

/** Which of the things that some reaches name still exist: one query for all of them. */
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

    /** @param  array<string, array<int, true>>  $living */
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
        $parts = [];
        foreach (array_intersect_key(self::TABLES, $named) as $field => $table) {
            $parts[] = "select '$field' as field, id from $table where id in (".implode(',', $named[$field]).')';
        }
        $living = [];
        foreach ($parts === [] ? [] : DB::select(implode(' union all ', $parts)) as $row) {
            $living[$row->field][$row->id] = true;
        }

        return new self($living);
    }

    /** @return string|null what the ids of a condition are ids of; null when it names nothing by id */
    public static function things(Condition $condition): ?string
    {
        $things = $condition->field === 'option' && $condition->comparison === 'offersValue' ? 'option-value' : $condition->field;

        return isset(self::TABLES[$things]) ? $things : null;
    }

    public function among(string $things, array $ids): array
    {
        return array_values(array_filter($ids, fn (int $id): bool => isset($this->living[$things][$id])));
    }
}
