<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\Supposed;
use Vestibra\App\Reach\Verdicts;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\Shop\PrivateLinks;
use Vestibra\App\Shop\ShopTag;
use Vestibra\App\Shop\Walk;
use Vestibra\App\Shop\Wishes;
use Vestibra\App\Templates\StoredDrafts;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Styling\HouseStyle;

final readonly class ProductController
{
    public function __construct(
        private ProductReader $products,
        private Verdicts $verdicts,
        private StoredDrafts $stored,
        private ProductPage $page,
        private Walk $walk,
        private ShopTag $tag,
        private PrivateLinks $links,
        private Contests $contests,
    ) {
    }

    public function __invoke(Request $request, string $slug): View
    {
        $product = $this->products->bySlug($slug);
        if ($product === null || ! $product->published) {
            abort(404);
        }
        $wishes = Wishes::from($request);
        $walking = $this->walk->isOn() && Gate::allows('see-studio');
        $verdict = $walking ? $this->verdicts->explained($product, $this->walk->supposed()) : $this->verdicts->forProduct($product);
        $this->tag->on($product, $verdict);
        $draft = $walking && in_array($verdict->templateId, $this->walk->drafts(), true);
        $link = $this->links->current();
        $live = DB::selectOne(
            'select '.($draft ? 'draft_tree' : 'live_tree').' as tree, (select live from house_styles order by id limit 1) as house from templates where id = ?',
            [$verdict->templateId],
        );
        if ($link !== null) {
            $live->tree = DB::table('templates')->where('id', $link->template_id)->value('draft_tree');
        }
        $composed = $this->page->compose(
            $this->stored->tree(json_decode($live->tree, true)),
            $product,
            $wishes,
            $link === null ? $verdict->templateId : (int) $link->template_id,
            drafts: $walking ? $this->walk->drafts() : [],
            isDraft: $draft || $link !== null,
        );

        return view('shop::product', [
            'title' => $product->title,
            'description' => $product->shortDescription,
            'html' => $this->page->print($composed->page),
            'css' => $composed->css,
            'withHeader' => $composed->page->data['header'] ?? true,
            'withFooter' => $composed->page->data['footer'] ?? true,
            'house' => HouseStyle::fromStored((array) json_decode($live->house ?? '{}', true)),
            'looking' => $link === null ? null : $this->looking($link, $product),
            'notAsWished' => ! $this->page->choose($product, $wishes)->asWished,
        ]);
    }

    /** @return array{name: string, until: string, would: bool} what somebody who came by a private link is told */
    private function looking(stdClass $link, Product $product): array
    {
        $template = Template::query()->findOrFail((int) $link->template_id);
        $supposed = (new Supposed)->withReach($template->id, $this->contests->stored($template->draft_reach));

        return [
            'name' => $template->name,
            'until' => $link->expires_at,
            'would' => $this->verdicts->explained($product, $supposed)->templateId === $template->id,
        ];
    }
}
