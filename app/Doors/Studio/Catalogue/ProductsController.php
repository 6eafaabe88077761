<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Ground\Problems\FactProblem;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\PictureList;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\App\Work\Sheets\ProductSheet;
use Vestibra\App\Work\Sheets\ThingUses;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;

/** One product in the catalogue: its pictures and its facts. */
final readonly class ProductsController
{
    private const MOST_PICTURES = 40;

    public function __construct(private PictureList $pictures)
    {
    }

    public function show(int $productId, ProductSheet $sheet, ProductReader $products, Verdicts $verdicts): View
    {
        $product = $products->byId($productId) ?? abort(404);
        $verdict = $verdicts->of(PageKind::Product, $product);

        return Screen::show('product', $product->title, [
            'template' => [
                'id' => $verdict->templateId,
                'name' => Template::query()->toBase()->where('id', $verdict->templateId)->value('name'),
            ],
        ] + ($sheet->of($productId) ?? abort(404)));
    }

    public function uses(int $productId, ThingUses $uses): JsonResponse
    {
        return new JsonResponse($uses->of(Thing::Product, $productId));
    }

    public function blank(ProductSheet $sheet): View
    {
        return Screen::show('product', 'A new product', ['template' => null] + $sheet->blank());
    }

    /** The product's pictures from now on, in order; two people at once are told, as with facts. */
    public function pictures(Request $request, int $productId, Saving $saving, CatalogueAnswer $answer): JsonResponse
    {
        $given = $request->validate([
            'ids' => ['present', 'array', 'max:'.self::MOST_PICTURES],
            'ids.*' => ['integer', 'distinct', 'exists:pictures,id'],
            'before' => ['present', 'array'],
            'before.*' => ['integer'],
        ],
            [
                'ids.max' => 'A product can have 40 pictures at most. Nothing was changed.',
                'ids.*.exists' => 'One of these pictures is gone. Nothing was changed; reload the page.',
            ]);
        if (Product::query()->toBase()->where('id', $productId)->doesntExist()) {
            return new JsonResponse(['message' => 'This product is gone. Nothing was changed.'], 404);
        }
        $before = $this->pictures->ofProduct($productId);
        $wanted = array_values(array_map(intval(...), $given['ids']));
        if ($before !== array_values(array_map(intval(...), $given['before']))) {
            return new JsonResponse(
                [
                    'message' => 'Somebody else has changed these pictures meanwhile. Nothing was overwritten; what '
                        .'stands there now is shown.',
                    'pictures' => $before,
                    'shown' => $this->pictures->some($before),
                ],
                409,
            );
        }
        $done = $saving->save(
            new Entry([new Change(Thing::Product, $productId, ['pictures' => $before], ['pictures' => $wanted])]),
            SignedIn::user(),
        );
        if ($done instanceof Refusal) {
            return $answer->of($done);
        }

        return new JsonResponse(['pictures' => $wanted, 'shown' => $this->pictures->some($wanted)]);
    }

    /** Opens what is laid out for this product alone, made if it is not there yet. */
    public function content(int $productId, int $factId, FactBook $facts, Templates $templates): JsonResponse
    {
        $fact = $facts->all()[$factId] ?? null;
        $title = Product::query()->toBase()->where('id', $productId)->value('title');
        if ($fact?->kind !== FactKind::Blocks || ! is_string($title)) {
            return new JsonResponse(ProblemWords::answer([FactProblem::Gone->at()]), 404);
        }

        return new JsonResponse([
            'id' => $templates
                ->content($factId, $productId, mb_substr("$fact->name of $title", 0, 80), SignedIn::user())->id,
        ]);
    }
}
