<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Illuminate\Support\Facades\Cache;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Work\Finding\Sql\FoundPageRows;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Reach;

/** Pages that fit a sentence, some at a time or as a set. */
final readonly class FoundPages
{
    /** By order: its column of products, and whether it goes down. */
    private const PRODUCT_SORTS = [
        'title' => ['p.title_order', ''],
        'new' => ['p.added_at', ' desc'],
        'cheap' => ['p.price_low', ''],
        'dear' => ['p.price_low', ' desc'],
    ];

    private const MOST = 10_000_000;

    /** Of so many templates the pages are walked one after another. */
    private const FEW_TEMPLATES = 20;

    /** In seconds. */
    private const KEPT = 60;

    /** @param  int  $few  so many pages are put in order rather than found by walking it */
    public function __construct(
        private KindRulesReader $rules,
        private PagesOfTheShop $pages,
        private KeptVerdicts $verdicts,
        private int $few = 5_000,
    ) {
    }

    /** @return array{list<int>, int} some of the pages in their order, and how many there are */
    public function page(PageFilter $filter, int $from, int $most): array
    {
        $found = $this->found($filter);
        [$place, $down] = $this->order($filter);
        if (! self::asksEach($filter)) {
            return [
                FoundPageRows::ids($found, "$place$down, p.id$down", $most, $from),
                FoundPageRows::count($found),
            ];
        }
        if ($from > 0) {
            return $this->kept($filter, $from, $most);
        }
        if ($filter->sort === 'template') {
            $templates = $filter->kind->standsOnPages()
                ? []
                : FoundPageRows::templatesByName($this->verdicts->winners($this->rules->live($filter->kind)));

            return $templates === [] || count($templates) > self::FEW_TEMPLATES
                ? FoundPageRows::both($found, $place, $down, $most)
                : [$this->byTemplate($filter, $most, $templates), $this->count($filter)];
        }
        [$ids, $total] = $this->first($filter, $most);

        return [$ids, $total ?? $this->count($filter)];
    }

    /** Where nothing but the verdict is asked for, no page is looked at to count them. */
    private function count(PageFilter $filter): int
    {
        $contest = $this->rules->live($filter->kind);
        $isBare = $filter->asksVerdicts() && $filter->words === '' && $filter->conditions === []
            && $filter->selection === 0 && $filter->state === '' && $filter->isLive
            && ($filter->step === '' || $filter->step === 'pinned' || $this->ownRules($contest) === null);
        if (! $isBare) {
            return FoundPageRows::count($this->found($filter));
        }
        $parts = [new Sql('1')];
        $filter->template > 0 && $parts[] = new Sql("w.template_id = $filter->template");
        $filter->step === '' || $parts[] = $this->step($filter->step, $contest);
        $pages = $this->pages->get($filter->kind);

        return FoundPageRows::count(Sql::join('', [
            $this->verdicts->winners($contest)->wrap('from (', ') w '),
            $pages->pins($contest->at)->wrap('left join (', ') pin on pin.subject_id = w.page_id '),
            Sql::join(' and ', $parts)->wrap('where ', ''),
        ]));
    }

    /**
     * The first pages: few are put in order, of many the order is walked until there are enough.
     *
     * @return array{list<int>, int|null} and how many there are, where that is known already
     */
    private function first(PageFilter $filter, int $most): array
    {
        $found = $this->found($filter);
        [$place, $down] = $this->order($filter);
        $some = FoundPageRows::some($found, $this->few + 1);

        return count($some) > $this->few
            ? [FoundPageRows::ids($found, "$place$down, p.id$down", $most, 0), null]
            : [
                FoundPageRows::sorted(
                    $this->pages->get($filter->kind)->table(),
                    $some,
                    "$place$down, p.id$down",
                    $most,
                ),
                count($some),
            ];
    }

    /**
     * @param  list<int>  $templates  by name
     * @return list<int> the first pages in that order, one template after another
     */
    private function byTemplate(PageFilter $filter, int $most, array $templates): array
    {
        $ids = [];
        foreach ($templates as $template) {
            if (count($ids) < $most && in_array($filter->template, [0, $template], true)) {
                array_push($ids, ...$this->first($filter->ofTemplate($template), $most - count($ids))[0]);
            }
        }

        return $ids;
    }

    /**
     * Where a list is scrolled, what was asked of every page is kept for a moment: as long as nothing is saved and no
     * rule changes. Its beginning is always asked anew.
     *
     * @return array{list<int>, int}
     */
    private function kept(PageFilter $filter, int $from, int $most): array
    {
        $key = 'found '.hash('sha256', serialize([
            $filter, LiveRules::word(), FoundPageRows::stamp($filter->selection), intdiv(time(), self::KEPT),
        ]));
        $packed = Cache::get($key);
        if (! is_string($packed)) {
            $packed = pack('P*', ...$this->between($filter, 0, self::MOST));
            Cache::put($key, $packed, self::KEPT);
        }

        return [
            array_values(array_map(intval(...), (array) unpack('P*', substr($packed, 8 * $from, 8 * $most)))),
            intdiv(strlen($packed), 8),
        ];
    }

    /** @return list<int> in their order, from one place to another */
    public function between(PageFilter $filter, int $from, int $to): array
    {
        [$place, $down] = $this->order($filter);

        return FoundPageRows::ids($this->found($filter), "$place$down, p.id$down", $to - $from + 1, $from);
    }

    /** @return Sql a query for the numbers of all of them */
    public function all(PageFilter $filter): Sql
    {
        return FoundPageRows::query($this->found($filter));
    }

    /**
     * The template of some pages, and which of them the fallback takes by a rule of its own.
     *
     * @param  non-empty-list<int>  $ids
     * @return array{array<int, object{id: int, template_id: int, pin: int|null, filed: string|null}&\stdClass>,
     *     list<int>, KindRules}
     */
    public function templates(PageKind $kind, array $ids): array
    {
        $pages = $this->pages->get($kind);
        $contest = $this->rules->live($kind);
        $found = $this->won($pages, $contest)->wrap('', 'where p.id in ('.implode(',', $ids).')');
        /** @var array<int, object{id: int, template_id: int, pin: int|null, filed: string|null}&\stdClass> $rows */
        $rows = FoundPageRows::templates($found, $pages->filed());
        $covers = $this->ownRules($contest);

        return [$rows, $covers === null ? [] : FoundPageRows::covered($pages->table(), $covers, ...$ids), $contest];
    }

    /** From `from` to the end of `where`. */
    private function found(PageFilter $filter): Sql
    {
        $pages = $this->pages->get($filter->kind);
        $parts = [
            new Sql($filter->isLive ? $pages->shown() : '1'),
            ...$this->words($pages, $filter),
            ...$filter->state === '' || $filter->kind !== PageKind::Product
                ? []
                : [new Sql($filter->state === 'hidden' ? 'p.published = 0' : 'p.published = 1')],
            ...$filter->selection === 0
                ? []
                : [FoundPageRows::selected($filter->selection)],
        ];
        $contest = $this->rules->live($filter->kind);
        if ($filter->conditions !== []) {
            $parts[] = $contest->sql()->covers($this->compiled($filter));
        }
        if (! $filter->asksVerdicts()) {
            return Sql::join(' and ', $parts)->wrap("from {$pages->table()} p where ", '');
        }
        $filter->template > 0 && $parts[] = new Sql("w.template_id = $filter->template");
        $filter->step === '' || $parts[] = $this->step($filter->step, $contest);

        return Sql::join('', [$this->won($pages, $contest), Sql::join(' and ', $parts)->wrap('where ', '')]);
    }

    private function won(PagesOfKind $pages, KindRules $contest): Sql
    {
        return Sql::join('', [
            $this->verdicts->winners($contest)
                ->wrap('from (', ") w join {$pages->table()} p on p.id = w.page_id left join ("),
            $pages->pins($contest->at)->wrap('', ') pin on pin.subject_id = p.id '),
        ]);
    }

    private function step(string $step, KindRules $contest): Sql
    {
        $pinned = 'pin.template_id is not null and pin.template_id = w.template_id';
        $first = [];
        foreach ($contest->candidates as $candidate) {
            $candidate->reach->goesFirst && $first[] = $candidate->templateId;
        }
        $goesFirst = 'w.template_id in ('.implode(',', $first).')';
        $own = $this->ownRules($contest);
        $fallback = $own === null
            ? new Sql("w.template_id = $contest->fallbackId")
            : $own->wrap("(w.template_id = $contest->fallbackId and not (", '))');

        return match ($step) {
            'pinned' => new Sql("($pinned)"),
            'fallback' => $fallback->wrap("(not ($pinned) and ", ')'),
            'first' => $fallback->wrap("(not ($pinned) and $goesFirst and not ", ')'),
            default => $fallback->wrap("(not ($pinned) and not $goesFirst and not ", ')'),
        };
    }

    /** What the fallback takes by rules of its own, rather than because no rule does. */
    private function ownRules(KindRules $contest): ?Sql
    {
        $reach = $contest->candidate($contest->fallbackId)?->reach;
        $rules = array_values(
            array_filter($reach->show ?? [], static fn (CompiledClause $clause): bool => $clause->conditions !== []),
        );

        return $reach === null || $rules === []
            ? null
            : $contest->sql()->covers(new CompiledReach($rules, $reach->keepOff, $reach->season));
    }

    private function compiled(PageFilter $filter): CompiledReach
    {
        $reach = new Reach([Clause::of(...$filter->conditions)]);

        return $this->rules->compiled($filter->kind, [json_encode($reach->toArray(), JSON_THROW_ON_ERROR)])[0];
    }

    /** @return list<Sql> */
    private function words(PagesOfKind $pages, PageFilter $filter): array
    {
        $isProduct = $filter->kind === PageKind::Product;

        return array_map(
            static fn (string $word): Sql => $isProduct ? new Sql(
                '(instr(p.title_folded, ?) > 0 or p.id in (select product_id from variants where lower(sku) = ? '
                    ."union all select product_id from variants where barcode <> '' and barcode = ?))",
                [$word, $word, $word],
            ) : new Sql("instr({$pages->title()}, ?) > 0", [$word]),
            array_values(array_filter(explode(' ', Folding::fold($filter->words)))),
        );
    }

    /** @return array{string, string} the column, and whether it goes down */
    private function order(PageFilter $filter): array
    {
        $title = $filter->kind === PageKind::Product
            ? self::PRODUCT_SORTS['title']
            : [$this->pages->get($filter->kind)->title(), ''];

        return match (true) {
            $filter->sort === 'template' => [
                FoundPageRows::byTemplate($title[0]), '',
            ],
            $filter->kind === PageKind::Product => self::PRODUCT_SORTS[$filter->sort] ?? $title,
            default => $title,
        };
    }

    /** Whether something is asked of every page that no order of them knows beforehand. */
    private static function asksEach(PageFilter $filter): bool
    {
        return $filter->words !== ''
            || $filter->conditions !== []
            || $filter->selection > 0
            || $filter->asksVerdicts();
    }
}
