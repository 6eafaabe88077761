<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use DateTimeImmutable;
use LogicException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\PagesOut\Sql\NeighbouringProducts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\Catalogue\Review;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Shop\Cart;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Shop;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;

/** The shop as the blocks of one page may ask it. */
final readonly class PageShop implements Shop
{
    private const SORTS = [
        'newest' => [],
        'highest' => ['stars' => 'desc'],
        'lowest' => ['stars' => 'asc'],
    ];

    /** @param  CardContexts|null  $cards  null on a card, which lists no products */
    public function __construct(
        private Subject $subject,
        private Looking $looking,
        private ShopClock $clock,
        private Listing $listing,
        private Cart $cart,
        private Categories $categories,
        private ReachWords $words,
        private PageKind $kind,
        private Messages $messages,
        private PageConditions $conditions,
        private ?CardContexts $cards,
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
        $failed = $this->conditions->failed($conditions);

        return match (true) {
            $failed === [] => null,
            $this->looking->explain => $this->words->clause(Clause::of($failed[0]), $this->kind),
            default => '',
        };
    }

    public function nameOf(string $things, int $id): ?string
    {
        $table = ['fact' => 'facts', 'option' => 'options'][$things] ?? null;
        $name = $this->looking->explain && $table !== null ? Rows::in($table)->where('id', $id)->value('name') : null;

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

    public function cards(?int $card, array $ids): CardList
    {
        return $this->cards?->list($card, $ids, $this->looking)
            ?? throw new LogicException('Nothing on a card lists products.');
    }

    public function byRule(?Reach $rule, string $sort, int $most): array
    {
        return $this->listing->byRule($rule, $sort, $most, $this->product());
    }

    public function ofCollection(int $collection, string $sort, int $most): array
    {
        return $this->listing->ofCollection($collection, $sort, $most, $this->product());
    }

    /** The product that the page is about: its lists of other products leave it out. */
    private function product(): ?int
    {
        return $this->subject instanceof Product ? $this->subject->id : null;
    }

    public function beneath(bool $details): array
    {
        return $this->categories
            ->beneath($this->subject->kind() === SubjectKind::Category ? $this->subject->id() : null, $details);
    }

    public function shelves(string $things, ?array $ids): array
    {
        return $this->listing->shelves(PageKind::from($things), $ids);
    }

    public function neighbours(): array
    {
        $category = $this->subject instanceof Product ? $this->subject->mainCategoryId : null;
        $beside = fn (string $before, string $order): ?object =>
            NeighbouringProducts::beside($before, $order, $category, $this->subject->id());
        $card = static fn (?object $row): ?array =>
            $row === null ? null : ['title' => $row->title ?? '', 'address' => '/p/'.rawurlencode($row->slug ?? '')];

        return $category === null
            ? ['previous' => null, 'next' => null]
            : ['previous' => $card($beside('<', 'desc')), 'next' => $card($beside('>', 'asc'))];
    }

    public function nearest(int $most): array
    {
        return $this->listing->nearest($this->looking->visit->address, $most);
    }

    public function picturesOf(string $things, array $ids): array
    {
        return $this->listing->picturesOf(PageKind::from($things), $ids);
    }

    public function inCart(): int
    {
        return $this->cart->count();
    }

    public function isClosed(string $notice): bool
    {
        return in_array($notice, $this->looking->visit->closed, true);
    }

    public function reviewOrder(): ?string
    {
        return isset(self::SORTS[$this->looking->visit->reviews]) ? $this->looking->visit->reviews : null;
    }

    public function reviews(string $sort, int $most): array
    {
        $order = self::SORTS[$this->reviewOrder() ?? $sort] ?? self::SORTS['newest'];
        $reviews = [];
        $found = Review::query()->published()->toBase()->where('product_id', $this->subject->id());
        foreach ($order + ['written_at' => 'desc', 'id' => 'desc'] as $column => $direction) {
            $found->orderBy($column, $direction);
        }
        foreach ($found->limit($most)->get(['author', 'stars', 'words', 'written_at']) as $row) {
            $reviews[] = [
                'author' => $row->author,
                'stars' => $row->stars,
                'words' => $row->words,
                'day' => $this->messages
                    ->day(new DateTimeImmutable($this->clock->zone->wall(new DateTimeImmutable($row->written_at.'Z')))),
            ];
        }

        return $reviews;
    }
}
