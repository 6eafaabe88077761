<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A word that is another one as soon as anything changes that compiled rules depend on: what is live, its order and
 * fallback, the category tree, collections by rule, and what rules can name. Deleted products count too; new ones do
 * not, since no rule can name them yet.
 */
return new class extends Migration
{
    private const ON = [
        'templates' => ['insert', 'delete', 'update of live_reach, live_revision, hand_order, page_kind, role'],
        'fallbacks' => ['insert', 'delete', 'update'],
        'categories' => ['insert', 'delete', 'update of parent_id, lower, upper'],
        'collections' => ['insert', 'delete', 'update of rule'],
        'brands' => ['insert', 'delete'],
        'tags' => ['insert', 'delete'],
        'facts' => ['insert', 'delete'],
        'options' => ['insert', 'delete'],
        'option_values' => ['insert', 'delete'],
        'products' => ['delete'],
    ];

    public function up(): void
    {
        DB::statement('create table live_rules (word text not null)');
        DB::statement('insert into live_rules values (lower(hex(randomblob(8))))');
        foreach (self::ON as $table => $events) {
            foreach ($events as $event) {
                $name = "live_rules_{$table}_".strtok($event, ' ');
                DB::statement(
                    "create trigger $name after $event on $table begin update live_rules set word = "
                        .'lower(hex(randomblob(8))); end',
                );
            }
        }
    }
};
