<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Illuminate\Database\QueryException;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Stored\Sql\ForeignKeys;

/**
 * What goes with a deleted row: the rows that belong to it, and what named it from elsewhere. Read from the database's
 * own foreign keys, so that a table that comes later is not forgotten.
 *
 * @phpstan-type Taken array{rows: array<string, list<array<string, mixed>>>, named: list<array{table: string, row: int,
 *     column: string, id: int}>}
 */
final class DependentRows
{
    /** What names things without a foreign key: table, column, and the column that says what is named. */
    private const LOOSE = [
        'categories' => ['pins', 'category'], 'brands' => ['pins', 'brand'], 'collections' => ['pins', 'collection'],
        'tags' => ['pins', 'tag'], 'products' => ['pins', 'product'],
    ];

    /** What is made anew. */
    private const DERIVED = ['title_words', 'indexed_trees', 'tree_names', 'presences'];

    /** @var list<array{child: string, column: string, parent: string, cascade: bool}>|null */
    private ?array $keys = null;

    /** @return array<string, mixed> a Taken; empty when nothing goes along */
    public function take(string $table, int $id): array
    {
        $taken = ['rows' => [], 'named' => []];
        $this->follow($table, [$id], $taken);
        if (isset(self::LOOSE[$table])) {
            [$loose, $kind] = self::LOOSE[$table];
            foreach (Rows::in($loose)->where('page_kind', $kind)->where('subject_id', $id)->get() as $row) {
                $taken['rows'][$loose][] = (array) $row;
            }
            Rows::in($loose)->where('page_kind', $kind)->where('subject_id', $id)->delete();
        }

        return $taken['rows'] === [] && $taken['named'] === [] ? [] : $taken;
    }

    /** @param  array<string, mixed>  $taken */
    public function giveBack(array $taken): void
    {
        $rows = is_array($taken['rows'] ?? null) ? $taken['rows'] : [];
        foreach ($rows as $table => $list) {
            foreach (is_array($list) ? $list : [] as $row) {
                is_array($row)
                    && self::insert((string) $table, array_filter($row, is_string(...), ARRAY_FILTER_USE_KEY));
            }
        }
        foreach (is_array($taken['named'] ?? null) ? $taken['named'] : [] as $one) {
            if (is_array($one) && is_string($one['table'] ?? null) && is_string($one['column'] ?? null)) {
                Rows::in($one['table'])->where('rowid', $one['row'])
                    ->whereNull($one['column'])
                    ->update([$one['column'] => $one['id']]);
            }
        }
    }

    /**
     * What it belonged to may be gone meanwhile: then it stays away.
     *
     * @param  array<string, mixed>  $row
     */
    private static function insert(string $table, array $row): void
    {
        try {
            Rows::in($table)->insertOrIgnore($row);
        } catch (QueryException $error) {
            str_contains($error->getMessage(), 'FOREIGN KEY') || throw $error;
        }
    }

    /**
     * @param  list<int>  $ids
     * @param  Taken  $taken
     */
    private function follow(string $table, array $ids, array &$taken): void
    {
        foreach ($this->keys() as $key) {
            if ($key['parent'] !== $table || $ids === [] || in_array($key['child'], self::DERIVED, true)) {
                continue;
            }
            $below = [];
            foreach (Rows::in($key['child'])->whereIntegerInRaw($key['column'], $ids)
                ->get(['rowid as stored_row', '*']) as $row) {
                $place = (int) $row->stored_row;
                $named = (int) $row->{$key['column']};
                unset($row->stored_row);
                /** @var array<string, mixed> $values */
                $values = (array) $row;
                if ($key['cascade']) {
                    $taken['rows'][$key['child']][] = $values;
                    is_int($values['id'] ?? null) && $below[] = $values['id'];
                } else {
                    $taken['named'][] =
                        ['table' => $key['child'], 'row' => $place, 'column' => $key['column'], 'id' => $named];
                }
            }
            $this->follow($key['child'], $below, $taken);
        }
    }

    /**
     * @return list<array{child: string, column: string, parent: string, cascade: bool}> those by which rows are deleted
     *     or emptied
     */
    private function keys(): array
    {
        if ($this->keys !== null) {
            return $this->keys;
        }
        $this->keys = [];
        foreach (ForeignKeys::all() as $row) {
            $this->keys[] = [
                'child' => $row->child,
                'column' => $row->column_name,
                'parent' => $row->parent,
                'cascade' => $row->on_delete === 'CASCADE',
            ];
        }

        return $this->keys;
    }
}
