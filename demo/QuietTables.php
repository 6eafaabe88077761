<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;

/**
 * While very many products are filled in, nothing notes of each row which product changed: it is said of all of them
 * afterwards. That halves the time.
 */
final readonly class QuietTables
{
    /** Beginnings of the names of triggers that note what changed. */
    private const NOTING = ['filters_', 'verdicts_', 'orders_', 'counts_', 'searched_'];

    private const NOTED = ['filter_stale', 'stale_verdicts', 'stale_orders'];

    /** @param  list<string>  $triggers  as they were made */
    private function __construct(private array $triggers)
    {
    }

    public static function hush(): self
    {
        $triggers = [];
        foreach (DB::table('sqlite_master')->where('type', 'trigger')->get(['name', 'sql']) as $trigger) {
            if (in_array(strtok((string) $trigger->name, '_').'_', self::NOTING, true)) {
                DB::statement("drop trigger $trigger->name");
                $triggers[] = (string) $trigger->sql;
            }
        }

        return new self($triggers);
    }

    /** @param  int  $last  the number of the last product that nothing happened to */
    public function speakAgain(int $last): void
    {
        array_map(DB::statement(...), $this->triggers);
        foreach (self::NOTED as $table) {
            DB::insert(
                "insert into $table (product_id) select id from products where id > ? and id not in (select product_id "
                    ."from $table)",
                [$last],
            );
        }
        DB::table('kept_counts')->delete();
        DB::table('searched')->increment('changes');
    }
}
