<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Stored\Tables;
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

    /** How many each holds, for a row called `t`. */
    private const COUNTS = [
        'category' => '(select count(distinct h.product_id) from categories d join category_product h on '
            .'h.category_id = d.id where d.lower between t.lower and t.upper)',
        'collection' => '(select count(*) from collection_product h where h.collection_id = t.id)',
        'brand' => '(select count(*) from products h where h.brand_id = t.id)',
        'tag' => '(select count(*) from product_tag h where h.tag_id = t.id)',
        'option' => '(select count(*) from option_values h where h.option_id = t.id)',
    ];

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
        $rows = DB::select(
            'select t.*, '.(self::COUNTS[$thing->value] ?? '0').' as count, '
            .(
                $thing === Thing::Category
                    ? '(select count(*) from categories a where t.lower between a.lower and a.upper)'
                    : '1'
            ).' as depth, '
            .($thing === Thing::Option ? 'null' : '(select file from pictures where pictures.id = t.picture_id)')
            ." as file from $table t where $where order by "
            .match ($thing) {
                Thing::Category => 't.lower',
                Thing::Option => 't.position, t.id',
                default => "t.$folded, t.id",
            }.' limit ? offset ?',
            [...$bindings, self::PAGE, ($page - 1) * self::PAGE],
        );
        $total = (int) DB::scalar("select count(*) from $table t where $where", $bindings);

        return [
            'thing' => $thing->value,
            'query' => $query,
            'rows' => array_values(array_map(static fn (object $row): array => self::row((array) $row), $rows)),
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
