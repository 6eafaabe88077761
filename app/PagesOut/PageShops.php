<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Closure;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Shop\Cart;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Types\Conditions;

/** Makes what blocks may ask of the shop while one page is composed. */
final readonly class PageShops
{
    public function __construct(
        private Categories $categories,
        private LiveRules $live,
        private PagesOfTheShop $pages,
        private Listing $listing,
        private Cart $cart,
        private ReachWords $words,
        private ShopClock $clock,
        private ShopMessages $messages,
    ) {
    }

    public function for(
        Subject $subject,
        Node $tree,
        Looking $looking,
        CardContexts $cards,
    ): PageShop {
        $kind = $subject instanceof AroundPage ? $subject->around : PageKind::from($subject->kind()->value);
        $inside = $subject instanceof AroundPage ? $subject->subject : $subject;

        return $this->shop($inside, $looking, $kind, $this->judges($kind, $tree)($subject), $cards);
    }

    /**
     * What the blocks of a card may ask: as of a page about its product, without anything that would ask the shop for
     * each.
     *
     * @return Closure(Product): PageShop
     */
    public function forCards(Node $tree, bool $explain): Closure
    {
        $judges = $this->judges(PageKind::Product, $tree);
        $looking = new Looking(explain: $explain);

        return fn (Product $product): PageShop =>
            $this->shop($product, $looking, PageKind::Product, $judges($product), null);
    }

    private function shop(
        Subject $subject,
        Looking $looking,
        PageKind $kind,
        PageConditions $conditions,
        ?CardContexts $cards,
    ): PageShop {
        return new PageShop(
            $subject,
            $looking,
            $this->clock,
            $this->listing,
            $this->cart,
            $this->categories,
            $this->words,
            $kind,
            $this->messages->live(),
            $conditions,
            $cards,
        );
    }

    /** @return Closure(Subject): PageConditions for each subject that the tree is shown with */
    private function judges(PageKind $kind, Node $tree): Closure
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['where'] ?? null;
            $clauses[] = Clause::of(...(is_array($stored) ? Conditions::read($stored) ?? [] : []));
        }
        $all = new Reach(
            array_values(array_filter($clauses, static fn (Clause $clause): bool => $clause->conditions !== [])),
        );
        if ($all->show === []) {
            return static fn (Subject $subject): PageConditions => PageConditions::none($kind);
        }
        $compiler =
            new ReachCompiler(RuleFields::standard(), $this->categories->tree(), LivingNames::of([$all]), $kind);
        $pages = $this->pages->get($kind);
        $collections = $this->live->of($kind)->collections;

        return static fn (Subject $subject): PageConditions =>
            PageConditions::of($kind, $compiler, $collections->judge($pages->features($subject)));
    }
}
