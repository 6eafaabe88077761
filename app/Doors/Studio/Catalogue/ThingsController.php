<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Studio\Answers\RuleTerms;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Work\Sheets\ProductRows;
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

    /** Characters of the conditions in an address. */
    private const MOST_WHERE = 4_000;

    public function __construct(
        private ProductRows $products,
        private ThingRows $things,
    ) {
    }

    public function products(Request $request, RuleTerms $terms): View
    {
        $filter = $this->filter($request);

        return Screen::show(
            'products',
            'Products',
            $this->products->page($filter, 0)
                + ['filter' => $filter, 'names' => self::names($filter), 'terms' => $terms->of(PageKind::Product)],
        );
    }

    /** The variants of the products that are found, as one sheet. */
    public function sheet(Request $request, VariantSheet $sheet): View
    {
        $filter = $this->filter($request);

        return Screen::show(
            'sheet',
            'Prices and stock',
            $sheet->page($filter, 0) + $sheet->writing() + ['filter' => $filter, 'names' => self::names($filter)],
        );
    }

    public function sheetRows(Request $request, VariantSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet
            ->page($this->filter($request), Asked::number($request, 'from', 0, 0, self::MOST_ROWS)));
    }

    public function productRows(Request $request): JsonResponse
    {
        return new JsonResponse($this->products
            ->page($this->filter($request), Asked::number($request, 'from', 0, 0, self::MOST_ROWS)));
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

    /**
     * @param  array{
     *     q: string, category: int, brand: int, tag: int, state: string, where: string, sort: string,
     * }  $filter
     * @return array<string, string> what the things in a sentence are called
     */
    private static function names(array $filter): array
    {
        $names = [];
        foreach (['category' => 'categories', 'brand' => 'brands', 'tag' => 'tags'] as $field => $table) {
            $name = $filter[$field] === 0 ? null : Rows::in($table)->where('id', $filter[$field])->value('name');
            $names[$field] = is_string($name) ? $name : '';
        }

        return $names;
    }

    /** @return array{q: string, category: int, brand: int, tag: int, state: string, where: string, sort: string} */
    private function filter(Request $request): array
    {
        $state = Asked::text($request, 'state');
        $sort = Asked::text($request, 'sort');

        return [
            'q' => Asked::text($request, 'q'),
            'category' => Asked::id($request, 'category'),
            'brand' => Asked::id($request, 'brand'),
            'tag' => Asked::id($request, 'tag'),
            'state' => in_array($state, ProductRows::states(), true) ? $state : '',
            'where' => Asked::text($request, 'where', self::MOST_WHERE),
            'sort' => in_array($sort, ProductRows::sorts(), true) ? $sort : 'title',
        ];
    }
}
