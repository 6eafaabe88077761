<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Http\Asked;
use Vestibra\App\Http\SignedIn;
use Vestibra\App\Models\Template;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\Templates\Drafting;
use Vestibra\App\Templates\Samples;
use Vestibra\App\Templates\StoredDrafts;
use Vestibra\App\Words\DifferenceWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Difference;

/** A product's page through a given template, live or draft, for looking at before and after. */
final readonly class PagesController
{
    public function __construct(
        private ProductReader $products,
        private StoredDrafts $stored,
        private ProductPage $page,
    ) {
    }

    public function show(Request $request, Template $template, int $productId, Drafting $drafting): View
    {
        $product = $this->products->byId($productId) ?? abort(404);
        $tree = match (true) {
            Asked::given($request, 'before') => $drafting->before($template, SignedIn::user()) ?? $this->stored->tree($template->draft_tree),
            Asked::flag($request, 'draft') => $this->stored->tree($template->draft_tree),
            default => $this->stored->tree($template->live_tree ?? abort(404)),
        };
        $composed = $this->page->compose($tree, $product, drafts: Asked::ids($request, 'with', 50));

        return view('shop::product', [
            'title' => $product->title,
            'description' => '',
            'html' => $this->page->print($composed->page),
            'css' => $composed->css,
            'withHeader' => $composed->page->data['header'] ?? true,
            'withFooter' => $composed->page->data['footer'] ?? true,
            'house' => HouseStyle::fromStored((array) json_decode((string) DB::table('house_styles')->value('live'), true)),
            'notAsWished' => false,
            'canvas' => true,
        ]);
    }

    /** A template as it looks in a list: live, or its draft, with the first product of its reach. */
    public function look(Template $template, Samples $samples): RedirectResponse
    {
        $reach = ($this->stored->live($template) ?? $this->stored->draft($template))->reach;
        $product = $samples->page($samples->compiled($reach), '', 1)['samples'][0]['id'] ?? abort(404);

        return redirect("/studio/templates/$template->id/page/$product".($template->isLive() ? '' : '?draft=1'));
    }

    /** What the draft changes, as a list in words. */
    public function differences(Template $template, Composer $composer, DifferenceWords $words): JsonResponse
    {
        $live = $this->stored->live($template);
        $differences = $live === null ? [] : Difference::between($live, $this->stored->draft($template), $composer->schema);

        return new JsonResponse([
            'live' => $live !== null,
            'differences' => array_map(static fn (Difference $difference): array => ['id' => $difference->id, 'words' => $words->of($difference)], $differences),
        ]);
    }
}
