<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Claims;

/**
 * Which pages a template covers, each with the strength of its claim, and which products a collection has by rule. Of
 * one template in step with what it covers; of
 * all of them at once for the pages that are asked about.
 */
final class ClaimRows
{
    /** So many templates stand beside each other in one query. */
    private const AT_ONCE = 60;

    /**
     * @param  Sql|null  $among  asks only for pages called `p` that it is true for
     * @return array<int, int> page => claim
     */
    public static function of(KindRules $contest, Candidate $candidate, ?Sql $among = null): array
    {
        $order = WinningOrder::of($contest, [$candidate->templateId]);
        $from = " from {$contest->pages->table()} p{$order->joins()} where {$contest->pages->shown()} and ";
        $links = [];
        foreach ($order->links as $link) {
            $links[] = Sql::join('', [
                $link['sql']->wrap("select p.id, {$link['place']->number()} as claim$from", ''),
                ...($among === null ? [] : [$among->wrap(' and (', ')')]),
            ]);
        }
        $claims = [];
        // Each by itself goes by the indexes of what it names; the strongest come last and stay.
        foreach ($links === [] ? [] : array_chunk(array_reverse($links), self::AT_ONCE) as $some) {
            $query = Sql::join('', [self::with($order), Sql::join(' union all ', $some)]);
            $claims = array_replace($claims, Database::pairs($query->text, $query->bindings));
        }

        return $claims;
    }

    /**
     * Of a collection by rule, hand-picked ones too.
     *
     * @param  Sql|null  $among  asks only for pages called `p` that it is true for
     * @return array<int, int> page => claim
     */
    public static function ofCollection(KindRules $contest, int $id, ?Sql $among = null): array
    {
        $query = Sql::join('', [
            $contest->sql()->inCollection($id)->wrap("select p.id, 0 as claim from {$contest->shown()} and (", ')'),
            ...($among === null ? [] : [$among->wrap(' and (', ')')]),
        ]);

        return Database::pairs($query->text, $query->bindings);
    }

    /**
     * @param  list<Candidate>  $candidates
     * @param  non-empty-list<int>  $pages
     * @return array<int, array<int, int>> of pages that customers can see: page => template => claim
     */
    public static function all(KindRules $contest, array $candidates, array $pages): array
    {
        $among = 'p.id in ('.implode(',', $pages).')';
        $claims = [];
        foreach ($candidates === [] ? [[]] : array_chunk($candidates, self::AT_ONCE) as $some) {
            $with = $columns = [];
            $joins = '';
            foreach ($some as $candidate) {
                $id = $candidate->templateId;
                $order = WinningOrder::of($contest, [$id]);
                array_push($with, ...$order->with());
                $joins .= $order->joins();
                $columns[] = $order->claim()->wrap(', ', " as t$id");
            }
            $query = Sql::join('', [
                $with === [] ? new Sql('') : Sql::join(', ', $with)->wrap('with ', ' '),
                new Sql('select p.id'),
                ...$columns,
                new Sql(" from {$contest->pages->table()} p$joins where $among and {$contest->pages->shown()}"),
            ]);
            foreach (Database::rows($query->text, $query->bindings) as $row) {
                $claims[(int) $row->id] ??= [];
                foreach ($some as $candidate) {
                    $claim = $row->{"t$candidate->templateId"};
                    $claim === null || $claims[(int) $row->id][$candidate->templateId] = (int) $claim;
                }
            }
        }
        foreach (array_keys($contest->collections->reaches) as $id) {
            foreach (self::ofCollection($contest, $id, new Sql($among)) as $page => $claim) {
                $claims[$page][Claims::collection($id)] = $claim;
            }
        }

        return $claims;
    }

    private static function with(WinningOrder $order): Sql
    {
        return $order->with() === [] ? new Sql('') : Sql::join(', ', $order->with())->wrap('with ', ' ');
    }
}
