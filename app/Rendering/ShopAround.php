<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Closure;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\LivingNames;
use Vestibra\App\Shop\Cards;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Fields;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Types\Conditions;

/** Makes what blocks may ask of the shop while one product's page is composed. */
final readonly class ShopAround
{
    public function __construct(
        private Categories $categories,
        private Contests $contests,
        private Cards $cards,
        private ReachWords $words,
        private ShopClock $clock,
    ) {
    }

    /**
     * @param  bool  $explain  whether what does not hold has to be put into words
     * @param  Closure(int, Node): ?About  $about  another product, for the blocks in one holder
     */
    public function around(Product $product, Node $tree, bool $explain, Closure $about): ShopAroundProduct
    {
        return new ShopAroundProduct($product, $this->clock, $this->cards, $this->words, $explain, $this->judge($product, $tree), $about);
    }

    /** @return Closure(list<Condition>): list<Condition> those that do not hold for the product */
    private function judge(Product $product, Node $tree): Closure
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['product'] ?? null;
            $clauses[] = Clause::of(...(is_array($stored) ? Conditions::read($stored) ?? [] : []));
        }
        $all = new Reach(array_values(array_filter($clauses, static fn (Clause $clause): bool => $clause->conditions !== [])));
        if ($all->show === []) {
            return static fn (array $conditions): array => [];
        }
        $compiler = new ReachCompiler(Fields::standard(), $this->categories->tree(), LivingNames::of([$all]));
        $features = $this->contests->live(PageKind::Product)->collections->judge(
            Features::product($product, $this->categories->tree(), $this->clock->now()),
        );

        return static fn (array $conditions): array => $compiler->compile(new Reach([Clause::of(...$conditions)]))->show[0]->failed($features);
    }
}
