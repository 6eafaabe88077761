<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use Illuminate\Support\Facades\DB;

/** Products as small rows for the Studio's lists: id, title, slug and a picture. */
final readonly class ProductRows
{
    public const PAGE = 24;

    /**
     * @param  list<int>  $ids
     * @return list<array{id: int, title: string, slug: string, picture: string|null}> in the order asked for
     */
    public static function of(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $list = implode(',', $ids);
        $rows = [];
        foreach (DB::select(
            'select p.id, p.title, p.slug, (select file from product_pictures pp join pictures on pictures.id = pp.picture_id'
            ." where pp.product_id = p.id order by pp.position limit 1) as file from products p where p.id in ($list)",
        ) as $row) {
            $rows[$row->id] = [
                'id' => $row->id,
                'title' => $row->title,
                'slug' => $row->slug,
                'picture' => $row->file === null ? null : "/pictures/$row->file-160.webp",
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }
}
