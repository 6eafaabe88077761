<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['option' => 'options', 'option_value' => 'option_values'] as $one => $many) {
            Schema::create("merged_$many", function (Blueprint $table) use ($one, $many): void {
                $table->foreignId("{$one}_id")->constrained($many)->cascadeOnDelete();
                $table->unsignedBigInteger('merged_id')->index();
                $table->primary(["{$one}_id", 'merged_id']);
            });
            foreach (['insert', 'delete', 'update'] as $event) {
                DB::statement(
                    "create trigger live_rules_merged_{$many}_$event after $event on merged_$many begin update "
                        .'live_rules set word = lower(hex(randomblob(8))); end',
                );
            }
        }
        DB::statement(
            'create trigger option_values_take_along after update of option_id on option_values when new.option_id '
                .'<> old.option_id begin update variant_values set option_id = new.option_id where option_value_id = '
                .'new.id; end',
        );
    }
};
