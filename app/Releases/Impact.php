<?php

declare(strict_types=1);

namespace Vestibra\App\Releases;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use LogicException;
use Vestibra\App\Reach\Contest;
use Vestibra\App\Reach\Contests;
use Vestibra\App\Reach\ProductRows;
use Vestibra\App\Reach\Sql;
use Vestibra\App\Reach\Supposed;
use Vestibra\App\Reach\WinnersSql;
use Vestibra\App\ShopClock;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Season;

/**
 * What changes would do to the shop at an instant: which pages move from which template to which, and which keep
 * their template but look different.
 *
 * @phpstan-type ProductRow array{id: int, title: string, slug: string, picture: string|null}
 * @phpstan-type Move array{from: int, fromName: string, to: int, toName: string, count: int, products: list<ProductRow>}
 * @phpstan-type Turn array{template: int, name: string, at: string, begins: bool, moves: list<Move>, moved: int}
 * @phpstan-type Summary array{moves: list<Move>, newLook: list<Move>, moved: int, look: int, stays: int, at: string, turns: list<Turn>}
 */
final readonly class Impact
{
    public function __construct(
        private Contests $contests,
        private ShopClock $clock,
    ) {
    }

    /** @return Summary */
    public function of(Changes $changes, ?DateTimeImmutable $at = null): array
    {
        $at ??= $this->clock->now();
        $both = $this->both($changes, $at);
        $groups = $this->groups($both, 'before_id <> after_id or '.Looks::of($changes)->sql());
        $moves = array_values(array_filter($groups, static fn (array $group): bool => $group['from'] !== $group['to']));
        $look = array_values(array_filter($groups, static fn (array $group): bool => $group['from'] === $group['to']));
        $moved = array_sum(array_column($moves, 'count'));
        $looked = array_sum(array_column($look, 'count'));

        return [
            'moves' => $moves,
            'newLook' => $look,
            'moved' => $moved,
            'look' => $looked,
            'stays' => DB::table('products')->where('published', true)->count() - $moved - $looked,
            'at' => $at->format('Y-m-d\TH:i:s\Z'),
            'turns' => $this->turns($changes, $at),
        ];
    }

    /**
     * What happens later by the clock alone: which pages move when the season of a changed template begins, and when it ends.
     *
     * @return list<Turn> in the order of time
     */
    private function turns(Changes $changes, DateTimeImmutable $after): array
    {
        $turns = [];
        foreach ($changes->templates() as $change) {
            $season = $change->after === null ? Season::always() : $this->contests->stored($change->after['reach'])->season;
            foreach (['from' => $season->from, 'until' => $season->until] as $end => $instant) {
                if ($instant === null || $instant <= $after->getTimestamp()) {
                    continue;
                }
                $contest = $this->contests->all(PageKind::Product, $changes->supposed());
                $candidate = $contest->candidate($change->template) ?? throw new LogicException('A template that goes live is no candidate.');
                $both = WinnersSql::both($contest->at($instant - 1), $contest->at($instant), null, $contest->at($instant)->sql()->covers($candidate->reach->atAnyTime()), []);
                $moves = $this->groups($both, 'before_id <> after_id and '.($end === 'from' ? 'after_id' : 'before_id')." = $change->template");
                $turns[] = [
                    'template' => $change->template,
                    'name' => $change->called,
                    'at' => gmdate('Y-m-d\TH:i:s\Z', $instant),
                    'begins' => $end === 'from',
                    'moves' => array_values($moves),
                    'moved' => array_sum(array_column($moves, 'count')),
                ];
            }
        }
        usort($turns, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return $turns;
    }

    /**
     * @param  Sql  $both  gives product_id, before_id and after_id
     * @return array<string, Move> the largest first, each with its first five products
     */
    private function groups(Sql $both, string $where): array
    {
        /** @var list<object{before_id: int, after_id: int, product_id: int, count: int}&\stdClass> $rows */
        $rows = DB::select(
            'select * from (select before_id, after_id, product_id, count(*) over (partition by before_id, after_id) as count,'
            .' row_number() over (partition by before_id, after_id order by product_id) as place'
            ." from ($both->text) where $where) where place <= 5 order by count desc, before_id, place",
            $both->bindings,
        );
        $products = array_column(ProductRows::of(array_values(array_unique(array_column($rows, 'product_id')))), null, 'id');
        $names = DB::table('templates')->pluck('name', 'id');
        $groups = [];
        foreach ($rows as $row) {
            $groups["$row->before_id-$row->after_id"] ??= [
                'from' => $row->before_id,
                'fromName' => (string) $names[$row->before_id],
                'to' => $row->after_id,
                'toName' => (string) $names[$row->after_id],
                'count' => $row->count,
                'products' => [],
            ];
            $groups["$row->before_id-$row->after_id"]['products'][] = $products[$row->product_id];
        }

        return $groups;
    }

    /**
     * One group of the impact at an instant, a page at a time, by words of the title.
     *
     * @return array{count: int, products: list<ProductRow>}
     */
    public function group(Changes $changes, int $from, int $to, string $query, int $page, ?DateTimeImmutable $at = null): array
    {
        $both = $this->both($changes, $at ?? $this->clock->now());
        $words = Folding::words($query);
        $where = "from ($both->text) join products t on t.id = product_id where before_id = ? and after_id = ?"
            .str_repeat(' and instr(t.title_folded, ?) > 0', count($words));
        $bindings = [...$both->bindings, $from, $to, ...$words];
        $ids = DB::select(
            "select product_id $where order by t.title_folded, product_id limit ? offset ?",
            [...$bindings, ProductRows::PAGE, ($page - 1) * ProductRows::PAGE],
        );

        return [
            'count' => (int) DB::scalar("select count(*) $where", $bindings),
            'products' => ProductRows::of(array_column($ids, 'product_id')),
        ];
    }

    /**
     * @param  list<int>  $products
     * @return array<int, int> product id => the template it would have with the changes
     */
    public function winners(Changes $changes, array $products): array
    {
        $supposed = $changes->supposed();
        $among = new Sql('p.id in ('.implode(',', $products).')');
        $sql = WinnersSql::of($this->contests->all(PageKind::Product, $supposed), $among, $supposed->pins);

        return array_map(intval(...), array_column(DB::select($sql->text, $sql->bindings), 'template_id', 'product_id'));
    }

    /** Which template each product that may be affected has now, and would have. */
    private function both(Changes $changes, DateTimeImmutable $at): Sql
    {
        $supposed = $changes->supposed();
        $now = $this->contests->all(PageKind::Product, at: $at);
        $then = $this->contests->all(PageKind::Product, $supposed, $at);
        $among = $this->affected($changes, $supposed, $now, $then);

        $changed = $supposed->handOrder !== null ? null : array_map(static fn (TemplateChange $change): int => $change->template, $changes->templates());

        return WinnersSql::both($now, $then, $changed, $among, $supposed->pins);
    }

    /** Only products that a changed template covers, now or then, or that are pinned, can change; null: any product. */
    private function affected(Changes $changes, Supposed $supposed, Contest $now, Contest $then): ?Sql
    {
        if ($supposed->handOrder !== null || ($supposed->fallbackId !== null && $supposed->fallbackId !== $now->fallbackId)) {
            return null;
        }
        $looks = Looks::of($changes);
        $pinned = array_map(static fn (string $page): int => (int) substr($page, (int) strpos($page, '/') + 1), array_keys($supposed->pins));
        $parts = $pinned === [] ? [] : [new Sql('p.id in ('.implode(',', $pinned).')')];
        $changed = array_map(static fn (TemplateChange $change): int => $change->template, $changes->templates());
        foreach (array_unique([...$changed, ...$looks->templates]) as $template) {
            if ($template === $now->fallbackId) {
                return null;
            }
            foreach ([$now, $then] as $contest) {
                $candidate = $contest->candidate($template);
                if ($candidate !== null && $candidate->live) {
                    $parts[] = $contest->sql()->covers($candidate->reach);
                }
            }
            $parts[] = new Sql("p.id in (select subject_id from pins where page_kind = 'product' and template_id = $template)");
        }
        if ($looks->products !== []) {
            $parts[] = new Sql('p.id in ('.implode(',', array_keys($looks->products)).')');
        }

        return $parts === [] ? null : Sql::join(' or ', $parts)->wrap('(', ')');
    }
}
