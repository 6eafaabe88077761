<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\App\Records\Models\Catalogue\Review;

/**
 * Customers' reviews: written in the shop, read by the owner, and only then seen.
 *
 * @phpstan-type Row array{id: int, product: string, slug: string, stars: int, author: string, words: string,
 *     writtenAt: string, state: 'waiting'|'read'|'refused'}
 *
 * @shape Review Row
 * @shape ReviewPage array{rows: list<Review>, more: bool}
 */
final readonly class Reviews
{
    public const WAITING = 'waiting';

    public const READ = 'read';

    public const REFUSED = 'refused';

    public const PAGE = 20;

    public function write(int $productId, int $stars, string $author, string $words): void
    {
        Review::query()->toBase()->insert([
            'product_id' => $productId,
            'stars' => $stars,
            'author' => $author,
            'words' => $words,
            'published' => false,
            'state' => self::WAITING,
            'written_at' => now('UTC')->toDateTimeString(),
        ]);
    }

    /** @return bool whether there is such a review */
    public function decide(int $id, string $state): bool
    {
        return DB::transaction(function () use ($id, $state): bool {
            $productId = Review::query()->toBase()->where('id', $id)->value('product_id');
            if (! is_int($productId)) {
                return false;
            }
            Review::query()->toBase()
                ->where('id', $id)
                ->update(['state' => $state, 'published' => $state === self::READ]);
            ProductIndex::refresh($productId);

            return true;
        });
    }

    /** @return array{rows: list<Row>, more: bool} the newest first */
    public function page(string $state, int $page): array
    {
        $rows = Review::query()->toBase()
            ->join('products', 'products.id', '=', 'reviews.product_id')
            ->where('reviews.state', $state)
            ->orderByDesc('reviews.written_at')
            ->orderByDesc('reviews.id')
            ->offset(($page - 1) * self::PAGE)
            ->limit(self::PAGE + 1)
            ->get([
                'reviews.id', 'products.title as product', 'products.slug', 'reviews.stars', 'reviews.author',
                'reviews.words', 'reviews.written_at as writtenAt', 'reviews.state',
            ])
            ->all();
        $shown = array_map(static fn (stdClass $row): array => [
            'id' => $row->id,
            'product' => $row->product,
            'slug' => $row->slug,
            'stars' => $row->stars,
            'author' => $row->author,
            'words' => $row->words,
            'writtenAt' => str_replace(' ', 'T', $row->writtenAt).'Z',
            'state' => $row->state,
        ], array_slice($rows, 0, self::PAGE));

        return ['rows' => $shown, 'more' => count($rows) > self::PAGE];
    }
}
