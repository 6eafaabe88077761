<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Studio\Answers\FoundAnswer;
use Vestibra\App\Doors\Studio\Answers\RuleTerms;
use Vestibra\App\Work\Sheets\ThingRows;
use Vestibra\App\Work\Sheets\ThingSheet;
use Vestibra\App\Work\Sheets\ThingUses;
use Vestibra\App\Work\Sheets\VariantSheet;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;

/** The lists of the catalogue, and one thing of each as a form. */
final readonly class ThingsController
{
    private const MOST_ROWS = 10_000_000;

    public function __construct(
        private FoundAnswer $answer,
        private ThingRows $things,
    ) {
    }

    public function products(Request $request): View
    {
        return Screen::show('products', 'Products', $this->answer->data($request, 'products'));
    }

    /** The variants of the products that are found, as one sheet. */
    public function sheet(Request $request, VariantSheet $sheet): View
    {
        $asks = FoundAnswer::asked($request, 'products');

        return Screen::show(
            'sheet',
            'Prices and stock',
            $sheet->page($this->answer->filter($asks, PageKind::Product), 0) + $sheet->writing() + [
                'filter' => $asks,
                'sentence' => $this->answer->sentence($asks),
            ],
        );
    }

    public function sheetRows(Request $request, VariantSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->page(
            $this->answer->filter(FoundAnswer::asked($request, 'products'), PageKind::Product),
            Asked::number($request, 'from', 0, 0, self::MOST_ROWS),
        ));
    }

    public function index(Request $request, string $thing): View
    {
        return Screen::show(
            'things',
            ucfirst($thing),
            $this->things->page(Thing::from($thing), Asked::text($request, 'q'), 1),
        );
    }

    public function rows(Request $request, string $thing): JsonResponse
    {
        return new JsonResponse($this->things
            ->page(Thing::from($thing), Asked::text($request, 'q'), Asked::page($request)));
    }

    public function show(string $thing, int $thingId, ThingSheet $sheet, RuleTerms $terms): View
    {
        $form = $sheet->of(Thing::from($thing), $thingId) ?? abort(404);

        return Screen::show('thing', ucfirst($thing), [
            'form' => $form,
            'terms' => $thing === 'collection' ? $terms->of(PageKind::Product) : null,
        ]);
    }

    public function blank(string $thing, ThingSheet $sheet, RuleTerms $terms): View
    {
        return Screen::show('thing', "A new $thing", [
            'form' => $sheet->of(Thing::from($thing), 0),
            'terms' => $thing === 'collection' ? $terms->of(PageKind::Product) : null,
        ]);
    }

    public function uses(string $thing, int $thingId, ThingUses $uses): JsonResponse
    {
        return new JsonResponse($uses->of(Thing::from($thing), $thingId));
    }
}
