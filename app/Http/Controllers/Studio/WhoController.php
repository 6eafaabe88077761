<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Http\Asked;
use Vestibra\App\Http\Screen;
use Vestibra\App\Reach\Contest;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\ProductRows;
use Vestibra\App\Reach\Sql;
use Vestibra\App\Reach\WinnersSql;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Pages\PageKind;

/** Who gets what: which product gets which template. */
final readonly class WhoController
{
    public function __construct(private Contests $contests)
    {
    }

    public function index(Request $request): View
    {
        return Screen::show('who', 'Who gets what', [
            'templates' => DB::table('templates')->where('page_kind', 'product')->orderBy('hand_order')->get(['id', 'name'])->all(),
            'first' => $this->page($request),
        ]);
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->page($request));
    }

    /** @return array{rows: list<array<string, mixed>>, total: int, more: bool} */
    private function page(Request $request): array
    {
        $contest = $this->contests->live(PageKind::Product);
        $winners = WinnersSql::of($contest);
        $query = Asked::text($request, 'q');
        $parts = [new Sql('1')];
        foreach (array_filter(explode(' ', Folding::fold($query))) as $word) {
            $parts[] = new Sql('instr(p.title_folded, ?) > 0', [$word]);
        }
        if (Asked::id($request, 'template') > 0) {
            $parts[] = new Sql('w.template_id = '.Asked::id($request, 'template'));
        }
        if (Asked::flag($request, 'pinned')) {
            $parts[] = new Sql('pin.template_id is not null');
        }
        $where = Sql::join(' and ', $parts);
        $from = Sql::join('', [
            $winners->wrap('from (', ") w join products p on p.id = w.product_id left join pins pin on pin.page_kind = 'product' and pin.subject_id = p.id where "),
            $where,
        ]);
        $page = Asked::page($request);
        $rows = DB::select(
            'select p.id, w.template_id, pin.template_id as pin, (select name from brands where id = p.brand_id) as brand,'
            ." (select name from categories where id = p.main_category_id) as category $from->text order by p.title_folded, p.id limit ? offset ?",
            [...$from->bindings, ProductRows::PAGE, ($page - 1) * ProductRows::PAGE],
        );
        $products = array_column(ProductRows::of(array_column($rows, 'id')), null, 'id');
        $names = DB::table('templates')->pluck('name', 'id');
        $ruled = $this->ruled($contest, array_column($rows, 'id'));
        $total = (int) DB::scalar("select count(*) $from->text", $from->bindings);

        return [
            'rows' => array_values(array_map(static fn (\stdClass $row): array => $products[$row->id] + [
                'brand' => $row->brand,
                'category' => $row->category,
                'template' => $row->template_id,
                'templateName' => $names[$row->template_id],
                'by' => match (true) {
                    $row->pin === $row->template_id => 'pinned',
                    $row->template_id === $contest->fallbackId && ! in_array($row->id, $ruled, true) => 'no rule takes it: the fallback',
                    default => 'by its rule',
                },
            ], $rows)),
            'total' => $total,
            'more' => $total > $page * ProductRows::PAGE,
        ];
    }

    /**
     * @param  list<int>  $products
     * @return list<int> those of them that the fallback takes by a rule of its own, rather than because no rule does
     */
    private function ruled(Contest $contest, array $products): array
    {
        $reach = $contest->candidate($contest->fallbackId)?->reach;
        $rules = array_values(array_filter($reach->show ?? [], static fn (CompiledClause $clause): bool => $clause->conditions !== []));
        if ($reach === null || $rules === [] || $products === []) {
            return [];
        }
        $covers = $contest->sql()->covers(new CompiledReach($rules, $reach->keepOff, $reach->season));

        return array_column(DB::select('select p.id from products p where p.id in ('.implode(',', $products).") and ($covers->text)", $covers->bindings), 'id');
    }
}
