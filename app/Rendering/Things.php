<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Files\Files;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Source;

/**
 * The pictures and files that a template names, and those that it shows of a product's facts. One query for each, and none
 * where there are none.
 */
final readonly class Things
{
    /** @return array{pictures: array<int, Picture>, files: array<int, ShopFile>} */
    public static function of(Node $tree, Product $product): array
    {
        $pictures = $files = $facts = [];
        $allFiles = false;
        foreach ($tree->walk() as $node) {
            $value = $node->what['picture'] ?? null;
            $pictures[] = is_array($value) ? $value['otherwise'] ?? null : $value;
            array_push($files, $node->what['film'] ?? null, ...is_array($node->what['files'] ?? null) ? $node->what['files'] : []);
            array_push($facts, $node->what['fact'] ?? null, ...array_map(Source::numberOf(...), array_values($node->what)));
            $allFiles = $allFiles || $node->kind === 'facts-table';
        }
        foreach ($product->facts as $fact) {
            $named = in_array($fact->fact->id, $facts, true);
            match (true) {
                $fact->fact->kind === FactKind::Picture && $named => array_push($pictures, ...$fact->numbers()),
                $fact->fact->kind === FactKind::Files && ($named || $allFiles) => array_push($files, ...$fact->numbers()),
                default => null,
            };
        }
        $read = Files::read(self::numbers($files));
        foreach ($read as $file) {
            $pictures[] = $file->posterId;
        }

        return ['pictures' => self::pictures(self::numbers($pictures)), 'files' => $read];
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Picture>
     */
    private static function pictures(array $ids): array
    {
        $pictures = [];
        foreach ($ids === [] ? [] : DB::table('pictures')->whereIn('id', $ids)->get() as $row) {
            $pictures[$row->id] = ProductReader::picture($row);
        }

        return $pictures;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return list<int>
     */
    private static function numbers(array $values): array
    {
        return array_values(array_unique(array_filter($values, is_int(...))));
    }
}
