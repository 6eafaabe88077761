<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesInSql;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\ClauseVariant;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\VariantCheck;

/** What a compiled reach says at an instant, as SQL about a page called `p`. */
final readonly class ReachSql
{
    private CheckSql $checks;

    /**
     * @param  int  $at in seconds of Unix time
     * @param  bool  $each  whether each page is asked by itself, as for the first few of many
     */
    public function __construct(
        PagesInSql $pages,
        private int $at,
        RuleCollections $collections,
        bool $each = false,
    ) {
        $known = [];
        foreach ($collections->reaches as $id => $reach) {
            $checks = new CheckSql($pages->collecting()->sql($at, $known, $each));
            $known[$id] = self::rules($reach, $checks)->wrap('(', ')');
        }
        $this->checks = new CheckSql($pages->sql($at, $known, $each));
    }

    /** True for the pages that the reach covers. */
    public function covers(CompiledReach $reach): Sql
    {
        return $reach->season->holds($this->at) ? self::rules($reach, $this->checks) : new Sql('0');
    }

    /** True where a clause matches as this variant. */
    public function variant(ClauseVariant $variant): Sql
    {
        return $variant->checks === []
            ? new Sql('1')
            : Sql::join(' and ', array_map($this->checks->of(...), $variant->checks));
    }

    /** True for the pages that a reach keeps off. */
    public function keptOff(CompiledReach $reach): Sql
    {
        return Sql::join(
            ' or ',
            array_map(fn (CompiledClause $clause): Sql => self::clause($clause, $this->checks), $reach->keepOff),
        );
    }

    /** @return Sql|null null where nothing is kept off */
    public function notKeptOff(CompiledReach $reach): ?Sql
    {
        return $reach->keepOff === [] ? null : self::keepsNotOff($reach, $this->checks);
    }

    /** True for the products in a collection, hand-picked or by rule. */
    public function inCollection(int $id): Sql
    {
        return $this->checks->of(new HasAny(Aspect::Collection, [$id]));
    }

    private static function rules(CompiledReach $reach, CheckSql $checks): Sql
    {
        if ($reach->show === []) {
            return new Sql('0');
        }

        return Sql::join(' and ', [
            Sql::join(
                ' or ',
                array_map(static fn (CompiledClause $clause): Sql => self::clause($clause, $checks), $reach->show),
            )->wrap('(', ')'),
            self::keepsNotOff($reach, $checks),
        ]);
    }

    private static function keepsNotOff(CompiledReach $reach, CheckSql $checks): Sql
    {
        return $reach->keepOff === []
            ? new Sql('1')
            : Sql::join(
                ' or ',
                array_map(static fn (CompiledClause $clause): Sql => self::clause($clause, $checks), $reach->keepOff),
            )
                ->wrap('not coalesce(', ', 0)');
    }

    private static function clause(CompiledClause $clause, CheckSql $checks): Sql
    {
        $parts = [];
        foreach ($clause->conditions as $condition) {
            if ($clause->together === null || ! $condition->check instanceof VariantCheck) {
                $parts[] = $checks->of($condition->check);
            }
        }
        if ($clause->together !== null) {
            $parts[] = $checks->of($clause->together);
        }

        return $parts === [] ? new Sql('1') : Sql::join(' and ', $parts)->wrap('(', ')');
    }
}
