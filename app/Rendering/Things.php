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

/** The pictures and files that a template or a product's facts name. One query for each, and none where there are none. */
final readonly class Things
{
    /** @return array{pictures: array<int, Picture>, files: array<int, ShopFile>} */
    public static function of(Node $tree, Product $product): array
    {
        $pictures = $files = [];
        foreach ($tree->walk() as $node) {
            $value = $node->what['picture'] ?? null;
            $pictures[] = is_array($value) ? $value['otherwise'] ?? null : $value;
            array_push($files, $node->what['film'] ?? null, ...is_array($node->what['files'] ?? null) ? $node->what['files'] : []);
        }
        foreach ($product->facts as $fact) {
            match ($fact->fact->kind) {
                FactKind::Picture => array_push($pictures, ...$fact->numbers()),
                FactKind::Files => array_push($files, ...$fact->numbers()),
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
