<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Linked;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Linked\LinkedWriter;
use Vestibra\Core\Problem;

/** Writes all products that customers see into one file of schema.org JSON-LD, one after the other. */
final readonly class LinkedOut
{
    public function __construct(
        private ProductReader $products,
        private Categories $categories,
        private ShopSettings $settings,
        private ShopClock $clock,
    ) {
    }

    /** @return int|Problem how many */
    public function write(string $path): int|Problem
    {
        $file = @fopen("$path.part", 'w');
        if ($file === false) {
            return FileFormatProblem::NotAFolder->at('', ['folder' => dirname($path)]);
        }
        $writer = new LinkedWriter(
            $this->settings->money()->currency,
            $this->settings->format()->digits(),
            ShopAddress::base(),
        );
        fwrite($file, '{"@context":"'.LinkedWriter::CONTEXT.'","@graph":[');
        $count = 0;
        foreach (Product::query()->toBase()->where('published', 1)->orderBy('id')->pluck('id') as $id) {
            $product = $this->products->byId((int) $id);
            if ($product === null) {
                continue;
            }
            $above = $product->mainCategoryId === null ? [] : $this->categories->tree()->path($product->mainCategoryId);
            $node = $writer->product(
                $product,
                array_map(static fn (Category $one): string => $one->name, $above),
                array_map(
                    static fn (Picture $picture): string => "/pictures/$picture->file-800.webp",
                    $product->pictures,
                ),
                FactValue::plain($product->description),
                $this->clock->now()->getTimestamp(),
            );
            fwrite(
                $file,
                ($count++ === 0 ? "\n" : ",\n")
                    .json_encode($node, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            );
        }
        fwrite($file, "\n]}\n");
        fclose($file);
        rename("$path.part", $path);

        return $count;
    }
}
