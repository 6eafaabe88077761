<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Tending\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\Core\Reach\CompiledReach;

/** Pages of rules that are looked through, in step with how many pages they hold. */
final class TendedRows
{
    /** How many pages that customers see some rules cover. */
    public static function covered(KindRules $rules, CompiledReach $reach): int
    {
        $covers = $rules->sql()->covers($reach);

        return (int) Database::value("select count(*) from {$rules->shown()} and ($covers->text)", $covers->bindings);
    }

    /** How many pages customers see. */
    public static function shown(KindRules $rules): int
    {
        return (int) Database::value("select count(*) from {$rules->shown()}");
    }

    /** @return list<int> */
    public static function ids(KindRules $rules, CompiledReach $reach): array
    {
        $covers = $rules->sql()->covers($reach);

        return Database::numbers("select p.id from {$rules->shown()} and ($covers->text)", $covers->bindings);
    }
}
