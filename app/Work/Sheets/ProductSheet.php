<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Reach\Trees\PictureList;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\FactKind;

/**
 * One product as its own page in the catalogue shows it: what it is, its pictures, its facts and what they name.
 *
 * @phpstan-import-type Row from PictureList as PictureRow
 *
 * @phpstan-type Content array{id: int, live: bool, changed: bool, empty: bool}
 *
 * @shape Content
 * @shape ProductData array{form: ThingForm, product: array{id: int, title: string, slug: string, published: bool,
 *     brand: string|null, category: string|null}, template: array{id: int, name: string}|null, facts: list<Fact>,
 *     values: array<string, list<string>>, pictures: list<int>, shownPictures: list<Picture>, contents: array<string,
 *     Content>}
 */
final readonly class ProductSheet
{
    public function __construct(
        private FactList $facts,
        private FactSheet $values,
        private PictureList $pictures,
        private ThingSheet $things,
    ) {
    }

    /** @return array<string, mixed>|null null when there is no such product */
    public function of(int $id): ?array
    {
        $product = Product::query()->toBase()
            ->leftJoin('brands', 'brands.id', '=', 'products.brand_id')
            ->leftJoin('categories', 'categories.id', '=', 'products.main_category_id')
            ->where('products.id', $id)
            ->first([
                'products.id', 'products.title', 'products.slug', 'products.published', 'brands.name as brand',
                'categories.name as category',
            ]);
        if ($product === null) {
            return null;
        }
        $facts = $this->facts->all();
        $values = $this->values->values([$id])[$id] ?? [];
        $own = $this->pictures->ofProduct($id);

        return [
            'product' => ['published' => (bool) $product->published] + (array) $product,
            'form' => $this->things->of(Thing::Product, $id),
            'facts' => $facts,
            'values' => (object) $values,
            'pictures' => $own,
            'shownPictures' => $this->pictures
                ->some(array_values(array_unique([...$own, ...$this->named($facts, $values, FactKind::Picture)]))),
            'contents' => (object) $this->contents($id),
        ];
    }

    /** @return array<string, mixed> of one that is to be made */
    public function blank(): array
    {
        return [
            'product' => [
                'id' => 0, 'title' => '', 'slug' => '', 'published' => true, 'brand' => null, 'category' => null,
            ],
            'form' => $this->things->of(Thing::Product, 0),
            'facts' => [],
            'values' => (object) [],
            'pictures' => [],
            'shownPictures' => [],
            'contents' => (object) [],
        ];
    }

    /**
     * @param  list<array{id: int, kind: string}>  $facts
     * @param  array<int, list<string>>  $values
     * @return list<int> the numbers that the facts of a kind name
     */
    private function named(array $facts, array $values, FactKind $kind): array
    {
        $numbers = [];
        foreach ($facts as $fact) {
            if ($fact['kind'] === $kind->value) {
                array_push($numbers, ...array_map(intval(...), $values[$fact['id']] ?? []));
            }
        }

        return array_values(array_unique($numbers));
    }

    /** @return array<int, Content> by fact: the blocks that are laid out for the product alone */
    private function contents(int $productId): array
    {
        $contents = [];
        foreach (Template::query()->where('product_id', $productId)->get() as $template) {
            $contents[(int) $template->fact_id] = [
                'id' => $template->id,
                'live' => $template->isLive(),
                'changed' => $template->isChanged(),
                'empty' => ! isset($template->draft_tree['page']['children']),
            ];
        }

        return $contents;
    }
}
