<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Closure;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Messages\ShopMessages;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Reach\LiveRules;
use Vestibra\App\Reach\LivingNames;
use Vestibra\App\Shop\Cards;
use Vestibra\App\Shop\Listing;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Composing\About;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Fields;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Types\Conditions;

/** Makes what blocks may ask of the shop while one page is composed. */
final readonly class PageShops
{
    public function __construct(
        private Categories $categories,
        private LiveRules $live,
        private PagesOfTheShop $pages,
        private Cards $cards,
        private Listing $listing,
        private ReachWords $words,
        private ShopClock $clock,
        private Composer $composer,
        private ShopMessages $messages,
    ) {
    }

    /**
     * @param  bool  $explain  whether what does not hold has to be put into words
     * @param  Closure(int, Node): ?About  $about  another subject, for the blocks in one holder
     */
    public function for(Subject $subject, Node $tree, Visit $visit, bool $explain, Closure $about): PageShop
    {
        $kind = PageKind::from($subject->kind()->value);

        return new PageShop(
            $subject,
            $visit,
            $this->clock,
            $this->cards,
            $this->listing,
            $this->categories,
            $this->words,
            $explain ? $kind : null,
            PageList::of($tree, $this->composer->schema),
            $this->messages->live(),
            $this->judge($kind, $subject, $tree),
            $about,
        );
    }

    /** @return Closure(list<Condition>): list<Condition> those that do not hold for the page's subject */
    private function judge(PageKind $kind, Subject $subject, Node $tree): Closure
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['where'] ?? null;
            $clauses[] = Clause::of(...(is_array($stored) ? Conditions::read($stored) ?? [] : []));
        }
        $all = new Reach(array_values(array_filter($clauses, static fn (Clause $clause): bool => $clause->conditions !== [])));
        if ($all->show === []) {
            return static fn (array $conditions): array => [];
        }
        $compiler = new ReachCompiler(Fields::standard(), $this->categories->tree(), LivingNames::of([$all]), $kind);
        $features = $this->live->of($kind)->collections->judge($this->pages->get($kind)->features($subject));

        return static function (array $conditions) use ($compiler, $features, $kind): array {
            // What cannot be asked of such a page does not hold.
            $strange = array_values(array_filter($conditions, static fn (Condition $one): bool => Fields::standard()->comparison($kind, $one->field, $one->comparison) === null));

            return $strange === [] ? $compiler->compile(new Reach([Clause::of(...$conditions)]))->show[0]->failed($features) : $strange;
        };
    }
}
