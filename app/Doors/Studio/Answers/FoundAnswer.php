<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\KeptFilter;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Finding\FilterSentence;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\FoundRows;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\App\Work\Releases\Upcoming;
use Vestibra\Core\Pages\PageKind;

/**
 * The list that *Who gets what* and *Products* are: what an address asks of it, and some of its rows.
 *
 * @phpstan-import-type Row from FoundRows
 * @phpstan-import-type State from Selections
 *
 * @phpstan-type Asks array{list: string, kind: string, q: string, where: string, template: int, step: string,
 *     state: string, selected: bool, sort: string}
 *
 * @shape FoundFilter array{list: string, kind: string, q: string, where: string, template: int, step: string,
 *     state: string, selected: bool, sort: string}
 * @shape FoundNext array{template: int, templateName: string, at: string|null}
 * @shape ListRow FoundRow&array{selected: bool, next: FoundNext|null}
 * @shape FoundPage array{rows: list<ListRow>, total: int, from: int, clause: FoundClause,
 *     selection: SelectionState|null}
 * @shape NamedFilter array{id: int, name: string, filter: FoundFilter}
 * @shape FoundData FoundPage&array{filter: FoundFilter, terms: RuleTerms|null,
 *     templates: list<array{id: int, name: string}>, kept: list<NamedFilter>}
 */
final readonly class FoundAnswer
{
    public const ALL = 'all';

    /** Rows of one answer. */
    public const PAGE = 50;

    private const MOST_ROWS = 10_000_000;

    /** Characters of the conditions in an address. */
    private const MOST_WHERE = 4_000;

    public function __construct(
        private FoundPages $found,
        private FoundRows $rows,
        private FilterSentence $sentence,
        private Selections $selections,
        private Upcoming $upcoming,
        private RuleTerms $terms,
    ) {
    }

    /** @return Asks what is asked for, as it stands in an address */
    public static function asked(Request $request, string $list): array
    {
        $kind = Asked::text($request, 'kind', 40);
        $one = static fn (string $name, array $known): string => in_array(
            Asked::text($request, $name),
            $known,
            true,
        ) ? Asked::text($request, $name) : '';
        $isKnown = PageAddresses::knows($kind) || $kind === self::ALL;

        return [
            'list' => $list,
            'kind' => $list === 'who' && $isKnown ? $kind : PageKind::Product->value,
            'q' => Asked::text($request, 'q'),
            'where' => Asked::text($request, 'where', self::MOST_WHERE),
            'template' => Asked::id($request, 'template'),
            'step' => $one('step', PageFilter::STEPS),
            'state' => $one('state', PageFilter::STATES),
            'selected' => Asked::flag($request, 'selected'),
            'sort' => $one('sort', PageFilter::SORTS) ?: 'title',
        ];
    }

    public static function list(Request $request): string
    {
        return Asked::text($request, 'list') === 'products' ? 'products' : 'who';
    }

    /** @return array<string, mixed> the screen's first data */
    public function data(Request $request, string $list): array
    {
        $asks = self::asked($request, $list);
        $kind = PageKind::tryFrom($asks['kind']);
        $templates = Template::query()->toBase()->whereNull('let_go_at')->oldest('hand_order');

        return $this->page($request, $asks) + [
            'filter' => $asks,
            'terms' => $kind === null ? null : $this->terms->of($kind),
            'templates' => ($kind === null
                ? $templates->whereIn('page_kind', PageAddresses::names())
                : $templates->where('page_kind', $kind->value))->get(['id', 'name'])->all(),
            'kept' => self::kept($asks),
        ];
    }

    /**
     * @param  Asks  $asks
     * @return list<array{id: int, name: string, filter: mixed}>
     */
    public static function kept(array $asks): array
    {
        return array_values(
            KeptFilter::query()
                ->where('list', $asks['list'])
                ->where('page_kind', $asks['kind'])
                ->oldest('name')
                ->get()
                ->map(static fn (KeptFilter $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'filter' => $one->filter,
                ])
                ->all(),
        );
    }

    /** @param  Asks  $asks */
    public function sentence(array $asks): string
    {
        $kind = PageKind::from($asks['kind']);
        $phrases = $this->sentence->said($kind, $this->sentence->read($kind, $asks['where']))['phrases'];

        return implode(' and ', array_map(
            static fn (array $phrase): string => trim("{$phrase['what']} {$phrase['values']}"),
            $phrases,
        ));
    }

    /** @param  Asks  $asks */
    public function filter(array $asks, PageKind $kind): PageFilter
    {
        return new PageFilter(
            $kind,
            $asks['q'],
            $this->sentence->read($kind, $asks['where']),
            $asks['template'],
            $asks['step'],
            $asks['state'],
            $asks['selected'] ? $this->selections->of(SignedIn::user(), $kind)->id : 0,
            $asks['sort'],
            $asks['list'] === 'who',
        );
    }

    /**
     * @param  Asks  $asks
     * @return array<string, mixed>
     */
    public function page(Request $request, array $asks): array
    {
        $from = Asked::number($request, 'from', 0, 0, self::MOST_ROWS);
        $rows = [];
        $total = 0;
        $only = PageKind::tryFrom($asks['kind']);
        foreach ($only === null ? PageAddresses::pageKinds() : [$only] as $kind) {
            $left = self::PAGE - count($rows);
            [$ids, $count] = $this->found->page($this->filter($asks, $kind), max(0, $from - $total), $left);
            array_push($rows, ...$this->rows($kind, $ids, Asked::flag($request, 'next')));
            $total += $count;
        }

        return [
            'rows' => $rows,
            'total' => $total,
            'from' => $from,
            'clause' => $only === null
                ? ['conditions' => [], 'phrases' => [], 'names' => (object) []]
                : $this->sentence->said($only, $this->sentence->read($only, $asks['where'])),
            'selection' => $only !== null && self::selects($only)
                ? $this->selections->state($this->selections->of(SignedIn::user(), $only))
                : null,
        ];
    }

    private static function selects(PageKind $kind): bool
    {
        return PageAddresses::isPage($kind->value);
    }

    /**
     * @param  list<int>  $ids
     * @return list<array<string, mixed>>
     */
    private function rows(PageKind $kind, array $ids, bool $isAsked): array
    {
        $rows = $this->rows->of($kind, $ids);
        $chosen = self::selects($kind)
            ? $this->selections->among($this->selections->of(SignedIn::user(), $kind), $ids)
            : [];
        $now = array_filter(array_column($rows, 'template', 'id'), is_int(...));
        $next = $isAsked && self::selects($kind) ? $this->upcoming->of($kind, $now) : [];
        $names = $next === [] ? [] : TemplateNames::all();

        return array_map(static fn (array $row): array => $row + [
            'selected' => in_array($row['id'], $chosen, true),
            'next' => isset($next[$row['id']])
                ? $next[$row['id']] + ['templateName' => $names[$next[$row['id']]['template']] ?? '']
                : null,
        ], $rows);
    }
}
