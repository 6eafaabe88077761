<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Visit;

/** Products as cards: their trees, and what the blocks on each may know. As many queries for one as for all. */
final readonly class CardContexts
{
    public function __construct(
        private LiveCards $cards,
        private ProductReader $products,
        private NamedThings $things,
        private PageShops $shops,
        private Contexts $contexts,
    ) {
    }

    /**
     * @param  int|null  $card  the number of the card; null for the fallback card
     * @param  list<int>  $ids  of products, of which customers can see those that are published
     */
    public function list(?int $card, array $ids, Looking $looking): CardList
    {
        $tree = $this->cards->tree($card, $looking->drafts);
        $products = array_values(array_filter(
            $this->products->several($looking->only === [] ? [] : $ids),
            static fn (Product $one): bool => $one->isShown(),
        ));
        $things = $this->things->of($tree, ...$products);
        $shops = $this->shops->forCards($tree, $looking->explain);

        return new CardList($tree, array_map(
            fn (Product $product): Context =>
                $this->contexts->of($product, new Visit, $shops($product), $things, isCard: true),
            $products,
        ), $looking->only, $things['pictures']);
    }
}
