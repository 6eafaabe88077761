<?php

declare(strict_types=1);

namespace Vestibra\App\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Models\Release;
use Vestibra\App\Reach\ProductRows;

/**
 * What to look at after a release: three pages that changed, and the three nearest that did not, by how many
 * categories, tags and brand they share with those that did.
 *
 * @phpstan-import-type ProductRow from Impact
 */
final readonly class NearbyPages
{
    private const COUNT = 3;

    /** @return array{changed: list<ProductRow>, same: list<ProductRow>} */
    public function of(Release $release): array
    {
        $templates = [];
        $changed = [];
        foreach ([...$release->impact['moves'] ?? [], ...$release->impact['newLook'] ?? []] as $group) {
            array_push($templates, $group['from'], $group['to']);
            array_push($changed, ...array_column($group['products'], 'id'));
        }
        $changed = array_slice(array_values(array_unique($changed)), 0, self::COUNT);
        if ($changed === []) {
            return ['changed' => [], 'same' => []];
        }

        return ['changed' => ProductRows::of($changed), 'same' => ProductRows::of($this->nearest($changed, $release))];
    }

    /**
     * @param  list<int>  $changed
     * @return list<int>
     */
    private function nearest(array $changed, Release $release): array
    {
        $list = implode(',', $changed);
        $candidates = array_column(DB::select(
            'select product_id, count(*) as shared from ('
            ."select b.product_id from category_product a join category_product b on b.category_id = a.category_id where a.product_id in ($list)"
            .' union all select b.product_id from category_product a join categories c on c.id = a.category_id join categories s on s.parent_id = c.parent_id'
            ." join category_product b on b.category_id = s.id where a.product_id in ($list)"
            ." union all select b.product_id from product_tag a join product_tag b on b.tag_id = a.tag_id where a.product_id in ($list)"
            ." union all select b.id from products a join products b on b.brand_id = a.brand_id where a.id in ($list)"
            .' limit 20000) near join products p on p.id = near.product_id where p.published = 1 group by product_id order by shared desc, product_id limit 500',
        ), 'product_id');
        $touched = $this->touched($release, $candidates);

        return array_slice(array_values(array_diff($candidates, $touched, $changed)), 0, self::COUNT);
    }

    /**
     * @param  list<int>  $candidates
     * @return list<int> those of them whose pages changed
     */
    private function touched(Release $release, array $candidates): array
    {
        if ($candidates === []) {
            return [];
        }
        $changes = $release->changes();
        $before = app(Impact::class)->winners($changes->inverse(), $candidates);
        $after = app(Impact::class)->winners(Changes::of(), $candidates);
        $looks = Looks::of($changes);

        return array_values(array_filter($candidates, static fn (int $id): bool => ($before[$id] ?? null) !== ($after[$id] ?? null)
            || $looks->holds($id, $after[$id] ?? null)));
    }
}
