<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\FactBook;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Http\Asked;
use Vestibra\App\Http\DraftState;
use Vestibra\App\Http\Screen;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\Sql;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\Shop\Wishes;
use Vestibra\App\Templates\KeptParts;
use Vestibra\App\Templates\Lacking;
use Vestibra\App\Templates\Samples;
use Vestibra\App\Templates\Starts;
use Vestibra\App\Templates\StoredDrafts;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Fields\FactField;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Types\Conditions;

final readonly class DrawingTableController
{
    public function __construct(
        private StoredDrafts $stored,
        private Composer $composer,
        private ProductReader $products,
    ) {
    }

    public function show(Request $request, Template $template, Samples $samples, DraftState $state, FactBook $facts, MoneyFormat $money, KeptParts $parts, Starts $starts): View
    {
        if ($template->page_kind === Template::LET_GO) {
            abort(404);
        }
        $asked = Asked::id($request, 'sample');

        return Screen::show('drawing-table', $template->name, [
            'template' => ['id' => $template->id, 'name' => $template->name, 'pageKind' => $template->page_kind, 'productId' => $template->product_id],
            'state' => $state->of($template, withCounts: true),
            'samples' => $samples->page($samples->compiled($this->stored->draft($template)->reach), '', 1, self::only($template)),
            'sample' => $asked > 0 && $template->product_id === null ? $samples->withFlags([$asked])[0] ?? null : null,
            'definitions' => array_map(self::definition(...), $this->composer->schema->all()),
            'house' => $this->house()->tokens(),
            'parts' => $parts->all(),
            'starts' => array_values(array_filter($starts->list(), static fn (array $start): bool => $start['name'] !== 'blank')),
            'sources' => self::sources($facts->all()),
            'fields' => ReachWords::fields(PageKind::Product),
            'whenFields' => Conditions::FIELDS,
            'facts' => array_map(static fn (Fact $fact): array => [
                'id' => $fact->id,
                'name' => $fact->name,
                'kind' => $fact->kind->value,
                'unit' => $fact->unit,
                'decimals' => $fact->decimals,
                'comparisons' => FactField::fitting($fact->kind),
            ], array_values($facts->all())),
            'currency' => ['code' => $money->currency, 'digits' => $money->digits()],
        ]);
    }

    public function canvas(Request $request, Template $template, int $productId, ProductPage $page): View
    {
        $product = $this->products->byId($productId) ?? abort(404);
        $composed = $page->compose($this->stored->tree($template->draft_tree), $product, Wishes::from($request), explain: true);

        return view('shop::product', [
            'title' => $product->title,
            'description' => '',
            'html' => $page->print($composed->page, true),
            'css' => $composed->css,
            'withHeader' => $composed->page->data['header'] ?? true,
            'withFooter' => $composed->page->data['footer'] ?? true,
            'house' => $this->house(),
            'notAsWished' => false,
            'canvas' => true,
        ]);
    }

    public function samples(Request $request, Template $template, Samples $samples): JsonResponse
    {
        $query = Asked::text($request, 'q');
        $reach = $query === '' ? $samples->compiled($this->stored->draft($template)->reach) : new CompiledReach([], [], Season::always());

        return new JsonResponse($samples->page($reach, $query, Asked::page($request), self::lacking($request) ?? self::only($template)));
    }

    /** How many of the pages in reach have nothing to give where a source is asked. */
    public function missing(Request $request, Template $template, Samples $samples): JsonResponse
    {
        $lacking = self::lacking($request);
        $reach = $samples->compiled($this->stored->draft($template)->reach);

        return new JsonResponse(['missing' => $lacking === null ? 0 : $samples->count($reach, $lacking), 'of' => $samples->count($reach)]);
    }

    /** A product's own blocks are seen with that product alone. */
    private static function only(Template $template): ?Sql
    {
        return $template->product_id === null ? null : new Sql('p.id = ?', [$template->product_id]);
    }

    private static function lacking(Request $request): ?Sql
    {
        $source = Source::tryFrom(Asked::text($request, 'lacking'));

        return $source === null ? null : Lacking::sql($source, Asked::id($request, 'of'));
    }

    /**
     * @param  array<int, Fact>  $facts
     * @return list<array{name: string, of: int|null, words: string, gives: string}>
     */
    private static function sources(array $facts): array
    {
        $sources = [];
        foreach (Source::cases() as $source) {
            $one = ['name' => $source->value, 'of' => null, 'words' => ($source === Source::ShopName ? '' : 'the product’s ').$source->words(), 'gives' => $source->gives()->value];
            if (! $source->isOneOfSeveral()) {
                $sources[] = $one;
            }
            foreach (array_filter($facts, static fn (Fact $fact): bool => in_array($source, self::sourcesOf($fact), true)) as $fact) {
                $sources[] = ['of' => $fact->id, 'words' => "the fact $fact->name"] + $one;
            }
            foreach ($source === Source::Option ? DB::select('select id, name from options order by position, id limit 100') : [] as $option) {
                $sources[] = ['of' => $option->id, 'words' => "the chosen $option->name"] + $one;
            }
        }

        return $sources;
    }

    /** @return list<Source> how a fact fills settings: with words as a rule; pictures and links their own way; lists of things not at all */
    private static function sourcesOf(Fact $fact): array
    {
        return match ($fact->kind) {
            FactKind::Picture => [Source::FactPicture],
            FactKind::Link, FactKind::Files => [Source::FactLink],
            FactKind::Products, FactKind::Blocks => [],
            FactKind::Date => [Source::Fact, Source::FactDay],
            FactKind::Number => [Source::Fact, Source::FactNumber],
            default => [Source::Fact],
        };
    }

    private function house(): HouseStyle
    {
        return HouseStyle::fromStored((array) json_decode((string) DB::table('house_styles')->value('live'), true));
    }

    /** @return array<string, mixed> */
    private static function definition(Definition $definition): array
    {
        $folder = str_replace(' ', '', ucwords(str_replace('-', ' ', $definition->kind)));

        return $definition->describe() + ['drawing' => (string) file_get_contents(base_path("blocks/$folder/drawing.svg"))];
    }
}
