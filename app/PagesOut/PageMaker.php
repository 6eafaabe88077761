<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Psr\Log\LoggerInterface;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Troubles;
use Vestibra\App\Reach\Rules\PagesOfTheShop;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Selling\Chosen;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Node;

/** A page through a template: the one way for shop, canvas and console. */
final readonly class PageMaker
{
    public function __construct(
        private Composer $composer,
        private BlockPrinter $printer,
        private Categories $categories,
        private ShopSettings $settings,
        private LoggerInterface $log,
        private ShopClock $clock,
        private Troubles $troubles,
        private PageShops $shops,
        private LiveParts $filler,
        private LiveCards $cards,
        private ProductReader $products,
        private PagesOfTheShop $pages,
        private NamedThings $things,
        private ShopMessages $messages,
    ) {
    }

    /**
     * @param  int|null  $templateId  the template whose tree it is, so that a block that breaks is raised on Today
     * @param  bool  $isDraft  whether it is that template's draft
     * @param  bool  $explain  for the canvas: blocks that do not appear say why in words, and keep the marks of their styles
     * @param  list<int>  $drafts  parts and cards whose drafts are taken instead of what is live
     * @param  list<string>|null  $only  of cards, the blocks that are wanted besides all styles; null for all
     * @param  bool  $styled  whether the styles are asked for
     */
    public function compose(Node $tree, Subject $subject, Visit $visit = new Visit, ?int $templateId = null, bool $explain = false, array $drafts = [], bool $isDraft = false, ?array $only = null, bool $styled = true): ComposedPage
    {
        $tree = $this->filler->fill($tree, self::inside($subject), $drafts);
        $context = $this->context($tree, $subject, $visit, $explain, $drafts, $only);
        $page = $this->composer->compose($tree, $context, $explain, $styled);
        foreach ($page->failures as $failure) {
            $this->log->error("The block $failure->blockId ($failure->kind) failed for {$subject->kind()->value} {$subject->id()}.", ['exception' => $failure->error]);
            if ($templateId !== null) {
                $this->troubles->block($templateId, $failure->blockId, $failure->kind, $subject->id(), $failure->error, $isDraft);
            }
        }

        return $context->shop instanceof PageShop ? $page->listing($context->shop->asked()) : $page;
    }

    /** What is shown where a header or footer stands on a page: what the page is about. */
    private static function inside(Subject $subject): Subject
    {
        return $subject instanceof AroundPage ? $subject->subject : $subject;
    }

    /** The products of a page as somebody asked for them, without the page. */
    public function listed(Node $tree, Subject $subject, Visit $visit): Listed
    {
        $tree = $this->filler->fill($tree, $subject);

        return $this->context($tree, $subject, $visit)->shop->listed();
    }

    /** @return array<string, string> id => what follows the products of the page */
    public function parts(ComposedPage $page): array
    {
        $parts = [];
        foreach ($page->page->following() as $node) {
            $parts[$node->id] = $this->print($node);
        }

        return $parts;
    }

    /** The tree with the shared parts and a product's own blocks in their places. */
    public function filled(Node $tree, Subject $subject): Node
    {
        return $this->filler->fill($tree, self::inside($subject));
    }

    /**
     * @param  Node  $tree  filled
     * @param  list<int>  $drafts  cards whose drafts are taken instead of what is live
     * @param  list<string>|null  $only  of cards, the blocks that are wanted; null for all
     */
    public function context(Node $tree, Subject $subject, Visit $visit = new Visit, bool $explain = false, array $drafts = [], ?array $only = null): Context
    {
        $inside = self::inside($subject);

        return new Context(
            $inside,
            self::choose($inside, $visit),
            $this->categories->tree(),
            new ShopAddresses,
            $this->settings->format(),
            $this->clock->now(),
            $this->shops->for($subject, $tree, $visit, $explain, fn (int $id, Node $holder): ?About => $this->about($id, $holder, $visit, $explain, $drafts), fn (?int $card, array $ids): CardList => $this->cards($this->cards->tree($card, $drafts), $only === [] ? [] : $ids, $explain, $only)),
            $this->messages->live(),
            ...$this->things->of($tree, $inside),
        );
    }

    /**
     * @param  list<int>  $ids  of products, of which customers can see those that are published
     * @param  list<string>|null  $only
     */
    private function cards(Node $tree, array $ids, bool $explain, ?array $only): CardList
    {
        $products = array_values(array_filter($this->products->several($ids), static fn (Product $one): bool => $one->isShown()));
        $things = $this->things->of($tree, ...$products);
        $shops = $this->shops->forCards($tree, $explain);
        [$categories, $addresses, $money, $now, $messages] = [$this->categories->tree(), new ShopAddresses, $this->settings->format(), $this->clock->now(), $this->messages->live()];

        return new CardList($tree, array_map(
            static fn (Product $product): Context => new Context($product, self::choose($product, new Visit), $categories, $addresses, $money, $now, $shops($product), $messages, ...$things, isCard: true),
            $products,
        ), $only, $things['pictures']);
    }

    /**
     * Another product that customers can see, for the blocks in one holder.
     *
     * @param  list<int>  $drafts
     */
    private function about(int $productId, Node $holder, Visit $visit, bool $explain, array $drafts): ?About
    {
        $product = $this->pages->get(PageKind::Product)->read($productId);
        if ($product === null || ! $product->isShown()) {
            return null;
        }
        $inside = $this->filler->fillInside($holder, $product);

        return new About($this->context($inside, $product, new Visit($visit->besides[$productId] ?? []), explain: $explain, drafts: $drafts), $inside);
    }

    /** @return Chosen|null the variant that a product is shown with; null for any other subject */
    public static function choose(Subject $subject, Visit $visit): ?Chosen
    {
        return $subject instanceof Product ? (new VariantMatrix($subject))->choose($visit->wishes) : null;
    }

    public function print(ComposedNode $node, bool $canvas = false): string
    {
        return self::withoutWaiting($this->printer->print($node, $canvas));
    }

    /** The first large picture of a page is what customers wait for: it is fetched at once. Those further down wait until they are near. */
    private static function withoutWaiting(string $html): string
    {
        $first = strpos($html, ' loading="lazy" data-large');
        $urgent = strpos($html, ' fetchpriority="high"');
        if ($first !== false && ($urgent === false || $first < $urgent)) {
            $html = substr_replace($html, ' fetchpriority="high"', $first, strlen(' loading="lazy" data-large'));
        }

        return str_replace(' loading="lazy" data-large', ' loading="lazy"', $html);
    }
}
