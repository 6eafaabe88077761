<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\ShopClock;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Verdict;

/** The verdict for one product's page. */
final readonly class Verdicts
{
    public function __construct(
        private Contests $contests,
        private Categories $categories,
        private ShopClock $clock,
    ) {
    }

    public function forProduct(Product $product): Verdict
    {
        return $this->in($this->contests->live(PageKind::Product), $product);
    }

    /** With the reason why each other template lost. */
    public function explained(Product $product, Supposed $supposed = new Supposed): Verdict
    {
        return $this->in($this->contests->all(PageKind::Product, $supposed), $product, true);
    }

    /** Whether a template's rules match a product within their season, were it live with them. */
    public function matches(Product $product, int $templateId, Supposed $supposed): bool
    {
        $contest = $this->contests->all(PageKind::Product, $supposed);
        $features = $contest->collections->judge(Features::product($product, $this->categories->tree(), $this->clock->now()));

        return $contest->candidate($templateId)?->reach->atAnyTime()->match($features) !== null;
    }

    private function in(Contest $contest, Product $product, bool $withReasons = false): Verdict
    {
        $pin = DB::selectOne("select template_id from pins where page_kind = 'product' and subject_id = ?", [$product->id]);

        return $contest->evaluator()->decide(
            Features::product($product, $this->categories->tree(), $this->clock->now()),
            $pin?->template_id,
            $withReasons,
        );
    }
}
