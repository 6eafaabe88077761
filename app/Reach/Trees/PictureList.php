<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Illuminate\Database\Query\Builder;
use stdClass;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Pictures\WaitingPictures;
use Vestibra\App\Ground\Sql\Containing;
use Vestibra\App\Ground\Sql\Count;
use Vestibra\App\Reach\Trees\Sql\PictureRows;
use Vestibra\App\Records\Models\Catalogue\Link;

/**
 * The shop's pictures, what is said instead of them, what in them matters most, and where they are used.
 *
 * @phpstan-type Row array{id: int, alt: string, small: string, width: int, height: int, state: string, focusX: int,
 *     focusY: int, products: int}
 *
 * @shape Picture array{id: int, alt: string, small: string, width: int, height: int, state: 'new'|'ready'|'broken',
 *     focusX: int, focusY: int, products: int}
 * @shape PicturePage array{pictures: list<Picture>, more: bool, total: int, waiting: int, inHand: bool}
 * @shape PictureUses array{products: list<array{id: int, title: string, slug: string}>, templates: list<array{id: int,
 *     name: string}>}
 */
final readonly class PictureList
{
    public const PAGE = 24;

    public function __construct(private WhereNamed $named)
    {
    }

    /** @return array{pictures: list<Row>, more: bool, total: int, waiting: int, inHand: bool} the newest first */
    public function page(string $query, int $page, bool $withoutWords = false): array
    {
        $found = Picture::query()->toBase();
        if ($query !== '') {
            Containing::text($found, $query, 'alt', 'file');
        }
        if ($withoutWords) {
            $found->where('alt', '');
        }
        $total = $found->count();
        $rows = $found
            ->select('pictures.*')->selectSub(self::products(), 'products')
            ->orderByDesc('id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE)->get();

        return [
            'pictures' => array_values($rows->map(self::row(...))->all()),
            'more' => $total > $page * self::PAGE,
            'total' => $total,
            'waiting' => WaitingPictures::count(),
            'inHand' => WaitingPictures::areInHand(),
        ];
    }

    /** @return Row|null */
    public function one(int $id): ?array
    {
        $row = Picture::query()->select('pictures.*')->selectSub(self::products(), 'products')->toBase()
            ->where('id', $id)->first();

        return $row instanceof stdClass ? self::row($row) : null;
    }

    /**
     * @param  list<int>  $ids
     * @return list<Row> in the order asked for
     */
    public function some(array $ids): array
    {
        $rows = [];
        foreach (Picture::query()->select('pictures.*')->selectSub(self::products(), 'products')->toBase()
            ->whereIntegerInRaw('id', $ids)
            ->get() as $row) {
            $rows[$row->id] = self::row($row);
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    /** @return list<int> a product's own pictures, in order */
    public function ofProduct(int $productId): array
    {
        return array_values(array_map(
            intval(...),
            Link::in('product_pictures')->toBase()->where('product_id', $productId)
                ->orderBy('position')
                ->pluck('picture_id')
                ->all(),
        ));
    }

    /**
     * @return array{products: list<array{id: int, title: string, slug: string}>, templates: list<array{id: int,
     *     name: string}>} where it is used; at most 50 of each
     */
    public function uses(int $id): array
    {
        $products = PictureRows::products($id);
        $templates = array_slice($this->named->places($id, 'picture'), 0, 50);

        return [
            'products' => array_map(
                static fn (stdClass $row): array => ['id' => $row->id, 'title' => $row->title, 'slug' => $row->slug],
                $products,
            ),
            'templates' => array_map(
                static fn (array $place): array => ['id' => $place['id'], 'name' => $place['name']],
                $templates,
            ),
        ];
    }

    /** @return Row */
    private static function row(stdClass $row): array
    {
        return [
            'id' => $row->id,
            'alt' => $row->alt,
            'small' => "/pictures/$row->file-400.webp",
            'width' => $row->width,
            'height' => $row->height,
            'state' => $row->state,
            'focusX' => $row->focus_x,
            'focusY' => $row->focus_y,
            'products' => $row->products,
        ];
    }

    /** On how many products a picture stands. */
    private static function products(): Builder
    {
        return Link::in('product_pictures')->toBase()->whereColumn('product_pictures.picture_id', 'pictures.id')
            ->select(Count::all());
    }
}
