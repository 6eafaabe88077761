<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A second word beside that of the rules: another one as soon as anything changes that printed headers and footers may
 * show.
 */
return new class extends Migration
{
    private const ON = [
        'templates' => ['insert', 'delete', 'update of live_tree, live_revision'],
        'categories' => ['insert', 'delete', 'update'],
        'collections' => ['insert', 'delete', 'update'],
        'pictures' => ['insert', 'delete', 'update'],
        'own_words' => ['insert', 'delete', 'update'],
        'shop_settings' => ['insert', 'delete', 'update'],
    ];

    public function up(): void
    {
        DB::statement("alter table live_rules add column shown text not null default ''");
        DB::statement('update live_rules set shown = lower(hex(randomblob(8)))');
        foreach (self::ON as $table => $events) {
            foreach ($events as $event) {
                $name = "live_rules_shown_{$table}_".strtok($event, ' ');
                DB::statement(
                    "create trigger $name after $event on $table begin update live_rules set shown = "
                        .'lower(hex(randomblob(8))); end',
                );
            }
        }
    }
};
