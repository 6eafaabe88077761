<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Studio\Layout\Sql\NamedThingRows;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Why\InTheWay;
use Vestibra\App\Work\Why\TryOut;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;

/**
 * @shape NamePage array{names: list<array{id: int, name: string, depth: int, option: int, label: string,
 *     swatch: string|null}>, more: bool}
 */
final readonly class ReachController
{
    public function __construct(
        private ShopClock $clock,
        private FactBook $facts,
    ) {
    }

    /** What a reach would come to, while it is being edited; nothing is stored. */
    public function preview(
        Request $request,
        Template $template,
        ReachCounts $counts,
        ReachWords $words,
        InTheWay $inTheWay,
    ): JsonResponse {
        $kind = $template->knownKind();
        $reach = (new ReachReader(RuleFields::standard(), $this->clock->zone, $kind, $this->facts->all()))
            ->parse(Asked::untrusted($request, 'reach'));
        if (is_array($reach)) {
            return new JsonResponse(ProblemWords::answer($reach), 422);
        }

        $preview = $counts->preview($kind, $template->id, $reach, Asked::page($request));

        return new JsonResponse(
            $preview + [
                'inTheWay' => $inTheWay->of($kind, $template->id, $reach, $preview),
                'names' => $names = $counts->names($reach),
                'sentence' => $words->sentence($reach, $names, $kind),
                'reach' => $reach->toArray(),
            ],
        );
    }

    /** Whether a reach takes a page, and which of its conditions decide. */
    public function try(Request $request, Template $template, TryOut $tryOut, PagesOfTheShop $pages): JsonResponse
    {
        $kind = $template->knownKind();
        $reach = (new ReachReader(RuleFields::standard(), $this->clock->zone, $kind, $this->facts->all()))
            ->parse(Asked::untrusted($request, 'reach'));
        $subject = $pages->get($kind)->read(Asked::id($request, 'subject'));
        if (is_array($reach)) {
            return new JsonResponse(ProblemWords::answer($reach), 422);
        }

        return new JsonResponse($tryOut->of($kind, $template->id, $reach, $subject ?? abort(404)));
    }

    /** Things that a condition can name, a page at a time. */
    public function names(Request $request, string $field): JsonResponse
    {
        $table = LivingNames::TABLES[$field] ?? abort(404);
        $page = Asked::page($request);
        $ids = Asked::ids($request, 'ids', 100);
        $most = max(PageRows::PAGE, count($ids));
        $words = array_values(array_filter(explode(' ', Folding::fold(Asked::text($request, 'q')))));
        $rows = NamedThingRows::of($field, $table, $words, $ids, $most + 1, ($page - 1) * $most);

        return new JsonResponse([
            'names' => array_map(static fn (stdClass $row): array => [
                'id' => $row->id,
                'name' => $row->name,
                'depth' => $row->depth ?? 1,
                'option' => $row->option_id ?? 0,
                'label' => $row->label ?? '',
                'swatch' => $row->swatch ?? null,
            ], array_slice($rows, 0, $most)),
            'more' => count($rows) > $most,
        ]);
    }
}
