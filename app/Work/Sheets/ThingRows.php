<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Records\Stored\Tables;
use Vestibra\App\Work\Sheets\Sql\ThingListRows;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Folding;

/**
 * Categories, collections, brands, tags and options as the Studio lists them, with what they hold.
 *
 * @phpstan-type Row array{id: int, name: string, slug: string, depth: int, parent: int|null, position: int, count: int,
 *     picture: string|null, byRule: bool}
 *
 * @shape ThingRow Row
 * @shape ThingPage array{thing: Thing, query: string, rows: list<ThingRow>, total: int, more: bool}
 */
final readonly class ThingRows
{
    public const PAGE = 100;

    /**
     * @return array{thing: string, query: string, rows: list<Row>, total: int, more: bool} by name; categories as they
     *     stand in the tree
     */
    public function page(Thing $thing, string $query, int $page): array
    {
        $folded = Tables::folded($thing)[ThingFields::title($thing)];
        $where = '1';
        $bindings = [];
        foreach (array_filter(explode(' ', Folding::fold($query))) as $word) {
            $where .= " and instr(t.$folded, ?) > 0";
            $bindings[] = $word;
        }
        $table = Tables::of($thing);
        $rows = ThingListRows::page(
            (ThingListRows::COUNTS[$thing->value] ?? '0'),
            $thing,
            $table,
            $where,
            $folded,
            $bindings,
            self::PAGE,
            $page,
        );
        $total = (int) ThingListRows::total($table, $where, $bindings);

        return [
            'thing' => $thing->value,
            'query' => $query,
            'rows' => array_map(static fn (object $row): array => self::row((array) $row), $rows),
            'total' => $total,
            'more' => $total > $page * self::PAGE,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return Row
     */
    private static function row(array $row): array
    {
        $number = static fn (string $name): int => is_int($row[$name] ?? null) ? $row[$name] : 0;
        $words = static fn (string $name): string => is_string($row[$name] ?? null) ? $row[$name] : '';

        return [
            'id' => $number('id'),
            'name' => $words('name'),
            'slug' => $words('slug'),
            'depth' => $number('depth'),
            'parent' => is_int($row['parent_id'] ?? null) ? $row['parent_id'] : null,
            'position' => $number('position'),
            'count' => $number('count'),
            'picture' => $words('file') === '' ? null : "/pictures/{$words('file')}-160.webp",
            'byRule' => ($row['rule'] ?? null) !== null,
        ];
    }
}
