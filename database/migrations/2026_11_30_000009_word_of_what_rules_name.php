<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A third word beside that of the rules: another one as soon as anything changes that compiled rules depend on besides
 * templates themselves. While it stays, only the templates that changed are compiled again.
 */
return new class extends Migration
{
    private const TEMPLATES = ['templates', 'fallbacks'];

    public function up(): void
    {
        DB::statement("alter table live_rules add column named text not null default ''");
        DB::statement('update live_rules set named = lower(hex(randomblob(8)))');
        $triggers = DB::select(
            "select name, sql from sqlite_master where type = 'trigger' and name like 'live\\_rules\\_%' escape '\\'"
                ." and name not like 'live\\_rules\\_shown\\_%' escape '\\' and tbl_name not in (?, ?)",
            self::TEMPLATES,
        );
        foreach ($triggers as $trigger) {
            DB::statement("drop trigger $trigger->name");
            DB::statement(str_replace(
                'set word = lower(hex(randomblob(8)))',
                'set word = lower(hex(randomblob(8))), named = lower(hex(randomblob(8)))',
                $trigger->sql,
            ));
        }
    }
};
