<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\Core\Reach\Evaluator;

/**
 * The verdict for all pages of a kind that customers can see at once. Agrees with the core's Evaluator on every input.
 */
final readonly class WinnersSql
{
    /**
     * A query that gives page_id and template_id, one row for each page.
     *
     * @param  Sql|null  $among  asks only for pages called `p` that it is true for
     * @param  array<string, int|null>  $pins  `product/7` => template id, null: unpinned; instead of what is stored
     */
    public static function of(KindRules $contest, ?Sql $among = null, array $pins = []): Sql
    {
        $chain = WinningOrder::of($contest);

        return Sql::join('', [
            self::with($chain->with()),
            $chain->template()->wrap(
                'select p.id as page_id, coalesce(pins.template_id, ',
                ", $contest->fallbackId) as template_id from {$contest->pages->table()} p{$chain->joins()} left join (",
            ),
            self::pins($contest, $pins)->wrap('', ") pins on pins.subject_id = p.id where {$contest->pages->shown()}"),
            ...($among === null ? [] : [$among->wrap(' and (', ')')]),
        ]);
    }

    /**
     * A query that gives page_id, before_id and after_id. Only where a changed template wins now is the whole order
     * asked again; elsewhere it is enough whether one of the changed ones comes before what wins now.
     *
     * @param  list<int>|null  $changed  templates whose reach is another then, or that come or go; null: anything may
     *     differ
     * @param  array<string, int|null>  $pins  as they would be then
     */
    public static function both(KindRules $now, KindRules $then, ?array $changed, ?Sql $among, array $pins): Sql
    {
        $before = WinningOrder::of($now);
        $new = WinningOrder::of($then, $changed);
        $full = WinningOrder::of($then);
        $all = $before->and($new);
        $place = WinningOrder::PLACE;
        $list = implode(',', $changed ?? [0]);
        $after = $changed === null
            ? $full->template()
            : $full->template()->wrap(
                "case when b is not null and b % $place in ($list) then ",
                " when n is not null and (b is null or n < b) then n % $place else b % $place end",
            );
        $b = Sql::join('', [
            $all->placed($before)->wrap(
                'select p.id, ',
                " as b from {$now->pages->table()} p{$before->joins('was')} where {$now->pages->shown()}",
            ),
            ...($among === null ? [] : [$among->wrap(' and (', ')')]),
        ]);
        $n = ($changed === null ? new Sql('null') : $all->placed($new))->wrap(
            'select x.id, x.b, ',
            " as n from x join {$now->pages->table()} p on p.id = x.id{$new->joins('new')}",
        );

        return Sql::join('', [
            self::with([
                ...$before->with('was'), ...$new->with('new'), ...$full->with('then'),
                $b->wrap('x as materialized (', ')'), $n->wrap('w as materialized (', ')'),
            ]),
            $after->wrap(
                "select p.id as page_id, coalesce(pb.template_id, b % $place, $now->fallbackId) as before_id, "
                    .'coalesce(pa.template_id, ',
                ", $then->fallbackId) as after_id from w join {$now->pages->table()} p on p.id = "
                    ."w.id{$full->joins('then')}"
                .' left join (',
            ),
            self::pins($now, []),
            self::pins($then, $pins)->wrap(') pb on pb.subject_id = p.id left join (', ') pa on pa.subject_id = p.id'),
        ]);
    }

    /** @param  list<Sql>  $parts */
    private static function with(array $parts): Sql
    {
        return $parts === [] ? new Sql('') : Sql::join(', ', $parts)->wrap('with ', ' ');
    }

    /**
     * @param  array<string, int|null>  $pins
     * @return Sql pins to live templates, and to none
     */
    private static function pins(KindRules $contest, array $pins): Sql
    {
        $live = array_column(
            array_filter($contest->candidates, static fn ($candidate): bool => $candidate->live),
            'templateId',
        );
        $page = $contest->pages->kind()->value;
        $changed = $rows = [];
        foreach ($pins as $key => $templateId) {
            [$kind, $id] = explode('/', $key) + ['', '0'];
            if ($kind === $page) {
                $changed[] = (int) $id;
                if ($templateId !== null && in_array($templateId, $live, true)) {
                    $rows[(int) $id] = $templateId;
                }
            }
        }

        return SupposedPins::of(
            $contest->pages->pins($contest->at)->wrap(
                'select subject_id, template_id from (',
                ') where template_id in ('.implode(',', [Evaluator::NONE, ...$live]).')',
            ),
            $changed,
            $rows,
        );
    }
}
