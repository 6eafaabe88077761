<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Psr\Log\LoggerInterface;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\ShopClock;
use Vestibra\App\Troubles;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Selling\Chosen;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\VariantMatrix;
use Vestibra\Core\Templates\Node;

/** A product's page through a template: the one way for shop, canvas and console. */
final readonly class ProductPage
{
    public function __construct(
        private Composer $composer,
        private BlockPrinter $printer,
        private Categories $categories,
        private MoneyFormat $money,
        private LoggerInterface $log,
        private ShopClock $clock,
        private Troubles $troubles,
        private ShopAround $shop,
        private Filler $filler,
        private ProductReader $products,
    ) {
    }

    /**
     * @param  array<int, int>  $wishes  option id => value id, as the customer asked for them
     * @param  int|null  $templateId  the template whose tree it is, so that a block that breaks is raised on Today
     * @param  bool  $isDraft  whether it is that template's draft
     * @param  bool  $explain  whether blocks that do not appear have to say why in words
     * @param  list<int>  $drafts  parts whose drafts are taken instead of what is live
     */
    public function compose(Node $tree, Product $product, array $wishes = [], ?int $templateId = null, bool $explain = false, array $drafts = [], bool $isDraft = false): ComposedPage
    {
        $tree = $this->filler->fill($tree, $product->id, $drafts);
        $page = $this->composer->compose($tree, $this->context($tree, $product, $wishes, $explain));
        foreach ($page->failures as $failure) {
            $this->log->error("The block $failure->blockId ($failure->kind) failed for product $product->id.", ['exception' => $failure->error]);
            if ($templateId !== null) {
                $this->troubles->block($templateId, $failure->blockId, $failure->kind, $product->id, $failure->error, $isDraft);
            }
        }

        return $page;
    }

    /** The tree with the shared parts and the product's own blocks in their places. */
    public function filled(Node $tree, Product $product): Node
    {
        return $this->filler->fill($tree, $product->id);
    }

    /**
     * @param  Node  $tree  filled
     * @param  array<int, int>  $wishes
     */
    public function context(Node $tree, Product $product, array $wishes = [], bool $explain = false): Context
    {
        return new Context(
            $product,
            $this->choose($product, $wishes),
            $this->categories->tree(),
            new ShopAddresses,
            $this->money,
            $this->clock->now(),
            $this->shop->around($product, $tree, $explain, fn (int $id, Node $holder): ?About => $this->about($id, $holder, $explain)),
            ...Things::of($tree, $product),
        );
    }

    /** Another product that customers can see, for the blocks in one holder. */
    private function about(int $productId, Node $holder, bool $explain): ?About
    {
        $product = $this->products->byId($productId);
        if ($product === null || ! $product->published) {
            return null;
        }
        $inside = $this->filler->fillInside($holder, $productId);

        return new About($this->context($inside, $product, [], $explain), $inside);
    }

    /** @param  array<int, int>  $wishes */
    public function choose(Product $product, array $wishes): Chosen
    {
        return (new VariantMatrix($product))->choose($wishes);
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
