<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Closure;
use LogicException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\PagesOfTheShop;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Shop\Cart;
use Vestibra\App\Shop\Listing;
use Vestibra\App\Shop\PageList;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
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
        private Composer $composer,
        private ShopMessages $messages,
    ) {
    }

    /**
     * @param  bool  $explain  whether what does not hold has to be put into words
     * @param  Closure(int, Node): ?About  $about  another subject, for the blocks in one holder
     * @param  Closure(int|null, list<int>): CardList  $cards  products, each as a card
     */
    public function for(Subject $subject, Node $tree, Visit $visit, bool $explain, Closure $about, Closure $cards): PageShop
    {
        $kind = $subject instanceof AroundPage ? $subject->around : PageKind::from($subject->kind()->value);

        return new PageShop(
            $subject instanceof AroundPage ? $subject->subject : $subject,
            $visit,
            $this->clock,
            $this->listing,
            $this->cart,
            $this->categories,
            $this->words,
            $explain ? $kind : null,
            PageList::of($tree, $this->composer->schema),
            $this->messages->live(),
            $this->judge($kind, $subject, $tree),
            $about,
            $cards,
        );
    }

    /**
     * What the blocks of a card may ask: as of a page about its product, without anything that would ask the shop for each.
     *
     * @return Closure(Product): PageShop
     */
    public function forCards(Node $tree, bool $explain): Closure
    {
        $list = new PageList;
        $judges = $this->judges(PageKind::Product, $tree);
        $messages = $this->messages->live();
        $none = static fn (): never => throw new LogicException('Nothing on a card is about another product, or lists any.');

        return fn (Product $product): PageShop => new PageShop(
            $product,
            new Visit,
            $this->clock,
            $this->listing,
            $this->cart,
            $this->categories,
            $this->words,
            $explain ? PageKind::Product : null,
            $list,
            $messages,
            $judges($product),
            $none,
            $none,
        );
    }

    /** @return Closure(list<Condition>): list<Condition> those that do not hold for the page's subject */
    private function judge(PageKind $kind, Subject $subject, Node $tree): Closure
    {
        return $this->judges($kind, $tree)($subject);
    }

    /** @return Closure(Subject): (Closure(list<Condition>): list<Condition>) for each subject that the tree is shown with */
    private function judges(PageKind $kind, Node $tree): Closure
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['where'] ?? null;
            $clauses[] = Clause::of(...(is_array($stored) ? Conditions::read($stored) ?? [] : []));
        }
        $all = new Reach(array_values(array_filter($clauses, static fn (Clause $clause): bool => $clause->conditions !== [])));
        if ($all->show === []) {
            $holds = static fn (array $conditions): array => [];

            return static fn (Subject $subject): Closure => $holds;
        }
        $compiler = new ReachCompiler(RuleFields::standard(), $this->categories->tree(), LivingNames::of([$all]), $kind);
        $pages = $this->pages->get($kind);
        $collections = $this->live->of($kind)->collections;

        return static function (Subject $subject) use ($compiler, $pages, $collections, $kind): Closure {
            $features = $collections->judge($pages->features($subject));

            return static function (array $conditions) use ($compiler, $features, $kind): array {
                // What cannot be asked of such a page does not hold.
                $strange = array_values(array_filter($conditions, static fn (Condition $one): bool => RuleFields::standard()->comparison($kind, $one->field, $one->comparison) === null));

                return $strange === [] ? $compiler->compile(new Reach([Clause::of(...$conditions)]))->show[0]->failed($features) : $strange;
            };
        };
    }
}
