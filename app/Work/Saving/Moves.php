<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Closure;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\App\Work\Saving\Sql\MovingPages;
use Vestibra\Core\Pages\PageKind;

/**
 * Which pages get another template by a change to the catalogue, which come and which go: every page that the change
 * may touch is asked before it and after it.
 *
 * @phpstan-import-type PageRow from FindsPages
 *
 * @phpstan-type Move array{pageKind: string, from: int, fromName: string, to: int, toName: string, count: int,
 *     pages: list<PageRow>}
 * @phpstan-type Arrival array{pageKind: string, to: int, toName: string, count: int, pages: list<PageRow>}
 * @phpstan-type Summary array{moves: list<Move>, moved: int, arrivals: list<Arrival>, gone: int}
 *
 * @shape Arrival
 * @shape CatalogueMoves array{moves: list<Move>, moved: int, arrivals: list<Arrival>, gone: int}
 */
final readonly class Moves
{
    public const NONE = ['moves' => [], 'moved' => 0, 'arrivals' => [], 'gone' => 0];

    private const SHOWN = 25;

    public function __construct(
        private PagesOfTheShop $pages,
        private ShopClock $clock,
        private Categories $categories,
        private LiveRules $live,
        private Verdicts $verdicts,
    ) {
    }

    /**
     * @param  Closure(): void  $change  makes the change, in the transaction that is open
     * @return Summary
     */
    public function during(Touched $touched, Closure $change): array
    {
        foreach (['moving', 'moved'] as $table) {
            MovingPages::make($table);
            MovingPages::clear($table);
        }
        $kinds = [];
        $word = LiveRules::word();
        $winners = new Winners($this->rules(), $this->live, $this->verdicts);
        foreach (PageAddresses::kinds() as $kind) {
            $pages = $this->pages->get($kind);
            $among = $pages->touched($touched);
            if ($among !== null) {
                $kinds[] = $kind;
                $winners->into('moving', $pages, $among);
            }
        }
        $change();
        if (LiveRules::word() !== $word) {
            $this->categories->forget();
            $winners = new Winners($this->rules(), null, $this->verdicts);
        }
        $all = self::NONE;
        foreach ($kinds as $kind) {
            $pages = $this->pages->get($kind);
            $winners->into(
                'moved',
                $pages,
                ($pages->touched($touched) ?? new Sql('0'))
                    ->wrap(
                        "p.id in (select page_id from moving where page_kind = '$kind->value' union all select p.id "
                            ."from {$pages->table()} p where ",
                        ')',
                    ),
            );
            $one = $this->after($pages);
            $all = [
                'moves' => [...$all['moves'], ...$one['moves']],
                'moved' => $all['moved'] + $one['moved'],
                'arrivals' => [...$all['arrivals'], ...$one['arrivals']],
                'gone' => $all['gone'] + $one['gone'],
            ];
        }

        return $all;
    }

    /**
     * @param  Summary  $one
     * @param  Summary  $other
     * @return Summary of both, the pages that move the same way in one line
     */
    public static function together(array $one, array $other): array
    {
        $moves = $arrivals = [];
        foreach ([...$one['moves'], ...$other['moves']] as $move) {
            $key = "{$move['pageKind']}-{$move['from']}-{$move['to']}";
            $moves[$key] = isset($moves[$key]) ? [
                'count' => $moves[$key]['count'] + $move['count'],
                'pages' => array_slice([...$moves[$key]['pages'], ...$move['pages']], 0, self::SHOWN),
            ] + $moves[$key] : $move;
        }
        foreach ([...$one['arrivals'], ...$other['arrivals']] as $arrival) {
            $key = "{$arrival['pageKind']}-{$arrival['to']}";
            $arrivals[$key] = isset($arrivals[$key]) ? [
                'count' => $arrivals[$key]['count'] + $arrival['count'],
                'pages' => array_slice([...$arrivals[$key]['pages'], ...$arrival['pages']], 0, self::SHOWN),
            ] + $arrivals[$key] : $arrival;
        }

        return [
            'moves' => array_values($moves),
            'moved' => $one['moved'] + $other['moved'],
            'arrivals' => array_values($arrivals),
            'gone' => $one['gone'] + $other['gone'],
        ];
    }

    /** @return Summary of what this class has written */
    public static function stored(mixed $stored): array
    {
        /** @var Summary $summary */
        $summary = is_array($stored) ? $stored + self::NONE : self::NONE;

        return $summary;
    }

    /** @return Summary */
    private function after(PagesOfKind $pages): array
    {
        $kind = $pages->kind();
        $rows = MovingPages::groups(self::SHOWN, $kind);
        $found = array_column($pages->rows(array_values(array_unique(array_column($rows, 'page_id')))), null, 'id');
        $names = $rows === []
            ? []
            : Template::query()->toBase()->where('page_kind', $kind->value)->pluck('name', 'id')->all();
        $moves = $arrivals = [];
        foreach ($rows as $row) {
            $to = [
                'to' => (int) $row->after_id,
                'toName' => self::name($names, $row->after_id),
                'count' => (int) $row->count,
            ];
            if ($row->before_id === null) {
                $arrivals[$row->after_id] ??= ['pageKind' => $kind->value] + $to + ['pages' => []];
                $arrivals[$row->after_id]['pages'][] = $found[$row->page_id];
            } else {
                $moves["$row->before_id-$row->after_id"] ??= [
                    'pageKind' => $kind->value,
                    'from' => (int) $row->before_id,
                    'fromName' => self::name($names, $row->before_id),
                ] + $to + ['pages' => []];
                $moves["$row->before_id-$row->after_id"]['pages'][] = $found[$row->page_id];
            }
        }

        return [
            'moves' => array_values($moves),
            'moved' => array_sum(array_column($moves, 'count')),
            // A page that comes or goes is one, whatever stands above and below it.
            'arrivals' => $kind->standsOnPages() ? [] : array_values($arrivals),
            'gone' => $kind->standsOnPages() ? 0 : (int) MovingPages::gone($pages, $kind),
        ];
    }

    /** Read anew where the change may have changed what rules depend on. */
    private function rules(): KindRulesReader
    {
        return new KindRulesReader($this->pages, $this->categories, $this->clock);
    }

    /** @param  array<array-key, mixed>  $names */
    private static function name(array $names, int $template): string
    {
        return is_string($names[$template] ?? null) ? $names[$template] : '';
    }
}
