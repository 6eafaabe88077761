<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Blocks;

use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\AskedBefore;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Shop;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Node;

/**
 * A shop for blocks to stand in: London, one fact, three other products, two reviews. Conditions on a sale hold, others
 * do not.
 */
final readonly class PlainShop implements Shop
{
    public function name(): string
    {
        return 'Larkfold';
    }

    public function zone(): ShopZone
    {
        return ShopZone::of('Europe/London');
    }

    public function failed(array $conditions): ?string
    {
        $failed = array_values(array_filter($conditions, static fn (Condition $one): bool => $one->field !== 'sale'));

        return $failed === [] ? null : $failed[0]->field.' '.$failed[0]->comparison;
    }

    public function nameOf(string $things, int $id): ?string
    {
        return $things === 'fact' && $id === 1 ? 'Care' : null;
    }

    public function safeMarkup(string $html): string
    {
        return $this->safe($html);
    }

    public function safe(string $html): string
    {
        return preg_replace('~<script.*?</script>~is', '', $html) ?? '';
    }

    public function cards(?int $card, array $ids): CardList
    {
        $there = array_values(array_intersect($ids, [1, 2, 3]));

        return new CardList(
            new Node("card$card", 'card', [], ['desktop' => ['gap' => 10]], [], [
                new Node('cardtitle', 'title', ['level' => 'h3', 'linked' => true]),
                new Node('cardprice', 'price'),
            ]),
            array_map(static fn (int $id): Context => Pages::context(Pages::numbered($id)), $there),
        );
    }

    /** @return array<string, About> of what a tree's holders are about, those about product 8 */
    public static function others(Node $tree): array
    {
        $others = AskedBefore::of($tree, Kinds::composer()->schema, SubjectKind::Product)->others;

        return array_map(
            static fn (array $one): About => new About(Pages::context(Pages::bare()), $one['holder']),
            array_filter($others, static fn (array $one): bool => $one['product'] === 8),
        );
    }

    /** The products of a page, where a block on it says that it reads them. */
    public static function list(Node $tree, Subject $subject): ?Listed
    {
        return AskedBefore::of($tree, Kinds::composer()->schema, $subject->kind())->list
            ? new Listed([1, 2, 3], 27, 2, 9, 'new', ['new' => 'Newest first', 'title' => 'By title'])
            : null;
    }

    public function byRule(?Reach $rule, string $sort, int $most): array
    {
        return array_slice($rule === null ? [1, 2, 3] : [], 0, $most);
    }

    public function ofCollection(int $collection, string $sort, int $most): array
    {
        return array_slice($collection === 4 ? [3, 2] : [], 0, $most);
    }

    public function shelves(string $things, ?array $ids): array
    {
        return array_map(
            static fn (int $id): array => [
                'name' => "$things $id", 'address' => "/$things/$id", 'words' => '', 'picture' => null,
                'products' => $id,
            ],
            $ids ?? [1, 2],
        );
    }

    public function beneath(bool $details): array
    {
        return [
            [
                'name' => 'Shimmer',
                'address' => '/c/shimmer',
                'words' => 'It glints.',
                'picture' => Pages::pictureNumber(1),
                'products' => 4,
            ],
            ['name' => 'Permanent', 'address' => '/c/permanent', 'words' => '', 'picture' => null, 'products' => 0],
        ];
    }

    public function neighbours(): array
    {
        return ['previous' => null, 'next' => ['title' => 'Product 2', 'address' => '/p/2']];
    }

    public function nearest(int $most): array
    {
        return array_slice(
            [['title' => 'Product 1', 'address' => '/p/1'], ['title' => 'Product 2', 'address' => '/p/2']],
            0,
            $most,
        );
    }

    public function picturesOf(string $things, array $ids): array
    {
        return array_fill_keys($ids, Pages::pictureNumber(1));
    }

    public function inCart(): int
    {
        return 2;
    }

    public function isClosed(string $notice): bool
    {
        return false;
    }

    public function reviewOrder(): ?string
    {
        return null;
    }

    public function reviews(string $sort, int $most): array
    {
        $reviews = [
            ['author' => 'A', 'stars' => 5, 'words' => 'Flows well.', 'day' => '2 November 2026'],
            ['author' => 'B', 'stars' => 3, 'words' => '', 'day' => '1 November 2026'],
        ];

        return array_slice($sort === 'lowest' ? array_reverse($reviews) : $reviews, 0, $most);
    }
}
