<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Closure;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\SafeHtml;
use Vestibra\App\Shop\Cards;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\Shop;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Templates\Node;

/** The shop as the blocks of one product's page may ask it. */
final readonly class ShopAroundProduct implements Shop
{
    private const SORTS = ['newest' => 'written_at desc, id desc', 'highest' => 'stars desc, written_at desc, id desc', 'lowest' => 'stars, written_at desc, id desc'];

    /**
     * @param  Closure(list<Condition>): list<Condition>  $judge  those that do not hold
     * @param  Closure(int, Node): ?About  $about
     */
    public function __construct(
        private Product $product,
        private ShopClock $clock,
        private Cards $cards,
        private ReachWords $words,
        private bool $explain,
        private Closure $judge,
        private Closure $about,
    ) {
    }

    public function name(): string
    {
        return config()->string('vestibra.shop');
    }

    public function zone(): ShopZone
    {
        return $this->clock->zone;
    }

    public function failed(array $conditions): ?string
    {
        $failed = ($this->judge)($conditions);

        return match (true) {
            $failed === [] => null,
            $this->explain => $this->words->clause(Clause::of($failed[0])),
            default => '',
        };
    }

    public function nameOf(string $things, int $id): ?string
    {
        $table = ['fact' => 'facts', 'option' => 'options'][$things] ?? null;
        $name = $this->explain && $table !== null ? DB::table($table)->where('id', $id)->value('name') : null;

        return is_string($name) ? $name : null;
    }

    public function safe(string $html): string
    {
        return SafeHtml::clean($html);
    }

    public function safeMarkup(string $html): string
    {
        return SafeHtml::markup($html);
    }

    public function cards(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $published = DB::table('products')->whereIn('id', $ids)->where('published', true)->pluck('id')->all();

        return $this->cards->of(array_values(array_intersect($ids, $published)), $this->clock->now());
    }

    public function about(int $product, Node $holder): ?About
    {
        return ($this->about)($product, $holder);
    }

    public function neighbours(): array
    {
        $category = $this->product->mainCategoryId;
        $beside = fn (string $before, string $order): ?object => DB::selectOne(
            'select p.id, p.title, p.slug from products p join category_product c on c.product_id = p.id'
            ." where c.category_id = ? and p.published = 1 and (p.title_folded, p.id) $before (select title_folded, id from products where id = ?)"
            ." order by p.title_folded $order, p.id $order limit 1",
            [$category, $this->product->id],
        );
        $card = static fn (?object $row): ?array => $row === null ? null : ['title' => $row->title ?? '', 'address' => '/p/'.rawurlencode($row->slug ?? '')];

        return $category === null
            ? ['previous' => null, 'next' => null]
            : ['previous' => $card($beside('<', 'desc')), 'next' => $card($beside('>', 'asc'))];
    }

    public function reviewOrder(): ?string
    {
        $asked = request()->query('reviews');

        return is_string($asked) && isset(self::SORTS[$asked]) ? $asked : null;
    }

    public function reviews(string $sort, int $most): array
    {
        $order = self::SORTS[$this->reviewOrder() ?? $sort] ?? self::SORTS['newest'];
        $reviews = [];
        foreach (DB::select("select author, stars, words, written_at from reviews where product_id = ? and published = 1 order by $order limit ?", [$this->product->id, $most]) as $row) {
            $reviews[] = [
                'author' => $row->author,
                'stars' => $row->stars,
                'words' => $row->words,
                'day' => (new DateTimeImmutable($this->clock->zone->wall(new DateTimeImmutable($row->written_at.'Z'))))->format('j F Y'),
            ];
        }

        return $reviews;
    }
}
