<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\ProductWords;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Features;

/** Tries a reach on one product: which conditions hold, which decide, and which template the product would get. */
final readonly class TryOut
{
    public function __construct(
        private Contests $contests,
        private Verdicts $verdicts,
        private Categories $categories,
        private ProductWords $words,
        private ShopClock $clock,
    ) {
    }

    /** @return array{covers: bool, inSeason: bool, show: list<list<array{holds: bool, actual: string}>>, keepOff: list<list<array{holds: bool, actual: string}>>, gets: string, getsThis: bool} */
    public function of(int $templateId, Reach $reach, Product $product): array
    {
        $supposed = (new Supposed)->withReach($templateId, $reach);
        $contest = $this->contests->all(PageKind::Product, $supposed);
        $features = $contest->collections->judge(Features::product($product, $this->categories->tree(), $this->clock->now()));
        $compiled = $contest->candidate($templateId)->reach ?? abort(404);
        $winner = $this->verdicts->explained($product, $supposed)->templateId;

        return [
            'covers' => $compiled->atAnyTime()->match($features) !== null,
            'inSeason' => $compiled->season->holds($features->at),
            'show' => $this->clauses($compiled->show, $features, $product),
            'keepOff' => $this->clauses($compiled->keepOff, $features, $product),
            'gets' => (string) DB::table('templates')->where('id', $winner)->value('name'),
            'getsThis' => $winner === $templateId,
        ];
    }

    /**
     * @param  list<CompiledClause>  $clauses
     * @return list<list<array{holds: bool, actual: string}>>
     */
    private function clauses(array $clauses, Features $features, Product $product): array
    {
        return array_map(fn (CompiledClause $clause): array => $this->conditions($clause, $features, $product), $clauses);
    }

    /** @return list<array{holds: bool, actual: string}> */
    private function conditions(CompiledClause $clause, Features $features, Product $product): array
    {
        $failed = $clause->failed($features);
        $conditions = [];
        foreach ($clause->conditions as $compiled) {
            $holds = array_filter($failed, $compiled->condition->equals(...)) === [];
            $conditions[] = ['holds' => $holds, 'actual' => $this->words->actual($product, $compiled->condition)];
        }

        return $conditions;
    }
}
