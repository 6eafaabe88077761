<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Studio\Layout\Sql\WhoRows;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;

/**
 * Who gets what: which page gets which template.
 *
 * @shape WhoRow PageRow&array{pageKind: PageKind, filed: string, template: int, templateName: string, by: string}
 * @shape WhoPage array{rows: list<WhoRow>, total: int, more: bool}
 * @shape WhoData array{kind: string, templates: list<array{id: int, name: string}>, first: WhoPage}
 */
final readonly class WhoController
{
    private const ALL = 'all';

    public function __construct(
        private KindRulesReader $contests,
        private PagesOfTheShop $pages,
        private KeptVerdicts $verdicts,
    ) {
    }

    public function index(Request $request): View
    {
        $kinds = array_column(self::kinds($request), 'value');

        return Screen::show('who', 'Who gets what', [
            'kind' => count($kinds) === 1 ? $kinds[0] : self::ALL,
            'templates' => array_merge(
                [],
                ...array_map(
                    static fn (string $kind): array =>
                        Template::query()->toBase()->where('page_kind', $kind)->whereNull(
                            'let_go_at',
                        )->orderBy('hand_order')->get(['id', 'name'])->all(),
                    $kinds,
                ),
            ),
            'first' => $this->page($request),
        ]);
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->page($request));
    }

    /** @return list<PageKind> that are asked for, one or all */
    private static function kinds(Request $request): array
    {
        $asked = Asked::text($request, 'kind', 40);

        return match (true) {
            $asked === self::ALL => PageAddresses::pageKinds(),
            PageAddresses::knows($asked) => [PageKind::from($asked)],
            default => [PageKind::Product],
        };
    }

    /** @return array{rows: list<array<string, mixed>>, total: int, more: bool} */
    private function page(Request $request): array
    {
        $page = Asked::page($request);
        $skip = ($page - 1) * PageRows::PAGE;
        $rows = [];
        $total = 0;
        foreach (self::kinds($request) as $kind) {
            [$some, $count] = $this->ofKind($kind, $request, max(0, $skip - $total), PageRows::PAGE - count($rows));
            array_push($rows, ...$some);
            $total += $count;
        }

        return ['rows' => $rows, 'total' => $total, 'more' => $total > $page * PageRows::PAGE];
    }

    /**
     * @param  int  $from  how many stand before the first that is wanted
     * @return array{list<array<string, mixed>>, int} some of the pages of a kind, and how many there are
     */
    private function ofKind(PageKind $kind, Request $request, int $from, int $most): array
    {
        $pages = $this->pages->get($kind);
        $contest = $this->contests->live($kind);
        $winners = $this->verdicts->winners($contest);
        $parts = [new Sql('1')];
        foreach (array_filter(explode(' ', Folding::fold(Asked::text($request, 'q')))) as $word) {
            $parts[] = new Sql("instr({$pages->title()}, ?) > 0", [$word]);
        }
        if (Asked::id($request, 'template') > 0) {
            $parts[] = new Sql('w.template_id = '.Asked::id($request, 'template'));
        }
        if (Asked::flag($request, 'pinned')) {
            $parts[] = new Sql('pin.template_id is not null');
        }
        $found = Sql::join('', [
            $winners->wrap('from (', ") w join {$pages->table()} p on p.id = w.page_id left join ("),
            $pages->pins($contest->at)->wrap('', ') pin on pin.subject_id = p.id where '),
            Sql::join(' and ', $parts),
        ]);
        $total = (int) WhoRows::count($found);
        if ($most < 1 || $from >= $total) {
            return [[], $total];
        }
        $rows = WhoRows::page($pages, $found, $most, $from);
        $ids = array_column($rows, 'id');
        $shown = array_column($pages->rows($ids), null, 'id');
        $names = TemplateNames::all();
        $ruled = $this->ruled($contest, $ids);

        return [
            array_map(static fn (stdClass $row): array => $shown[$row->id] + [
                'pageKind' => $kind->value,
                'filed' => $row->filed ?? '',
                'template' => $row->template_id,
                'templateName' => $names[$row->template_id],
                'by' => match (true) {
                    $row->pin === $row->template_id => $kind->standsOnPages()
                        ? 'chosen by the page’s template'
                        : 'pinned',
                    $row->template_id === $contest->fallbackId && ! in_array($row->id, $ruled, true) =>
                        'no rule takes it: the fallback',
                    default => 'by its rule',
                },
            ], $rows),
            $total,
        ];
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> those of them that the fallback takes by a rule of its own, rather than because no rule does
     */
    private function ruled(KindRules $contest, array $ids): array
    {
        $reach = $contest->candidate($contest->fallbackId)?->reach;
        $rules = array_values(
            array_filter($reach->show ?? [], static fn (CompiledClause $clause): bool => $clause->conditions !== []),
        );
        if ($reach === null || $rules === [] || $ids === []) {
            return [];
        }
        $covers = $contest->sql()->covers(new CompiledReach($rules, $reach->keepOff, $reach->season));

        return array_column(
            WhoRows::ruled($contest, $ids, $covers),
            'id',
        );
    }
}
