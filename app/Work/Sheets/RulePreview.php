<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Sheets\Sql\ProductListRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;

/**
 * Which products a rule holds, and the rule in words: for collections by rule.
 *
 * @phpstan-import-type PageRow from FindsPages
 *
 * @shape RulePreview array{sentence: Sentence, names: Names, count: int, pages: list<PageRow>}
 */
final readonly class RulePreview
{
    private const SHOWN = 24;

    public function __construct(
        private KindRulesReader $rules,
        private Categories $categories,
        private FactBook $facts,
        private ReachCounts $counts,
        private ReachWords $words,
        private PagesOfTheShop $pages,
        private ShopClock $clock,
    ) {
    }

    /**
     * @return array{sentence: mixed, names: mixed, count: int,
     *     pages: list<PageRow>}|array{problems: non-empty-list<Problem>}
     */
    public function of(mixed $rule): array
    {
        $reach = (new ReachReader(RuleFields::standard(), $this->clock->zone, PageKind::Product, $this->facts->all()))
            ->parse($rule);
        if (! $reach instanceof Reach) {
            return ['problems' => $reach];
        }
        $compiled = (new ReachCompiler(
            RuleFields::standard(),
            $this->categories->tree(),
            LivingNames::of([$reach]),
            PageKind::Product,
        ))->compile($reach);
        $covers = $this->rules->live(PageKind::Product)->sql()->covers($compiled);
        $ids = array_column(
            ProductListRows::covered($covers, self::SHOWN),
            'id',
        );
        $names = $this->counts->names($reach);

        return [
            'sentence' => $this->words->sentence($reach, $names, PageKind::Product),
            'names' => (object) $names,
            'count' => (int) ProductListRows::covers($covers),
            'pages' => $this->pages->get(PageKind::Product)->rows($ids),
        ];
    }
}
