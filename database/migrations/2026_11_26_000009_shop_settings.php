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
        Schema::create('shop_settings', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->text('value');
        });
        Schema::table('variants', function (Blueprint $table): void {
            $table->string('contents')->nullable();
        });
        Schema::table('products', function (Blueprint $table): void {
            $table->dateTime('show_from')->nullable();
            $table->dateTime('show_until')->nullable();
        });
        DB::statement('create index products_title_order on products (title_order, id)');
        DB::statement('create index products_show_from on products (show_from) where show_from is not null');
        DB::statement('create index products_show_until on products (show_until) where show_until is not null');
        foreach ([
            'category' => 'categories', 'collection' => 'collections', 'brand' => 'brands', 'tag' => 'tags',
        ] as $one => $many) {
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
        Schema::table('catalogue_entries', function (Blueprint $table): void {
            $table->unsignedBigInteger('part_of_id')->nullable()->index();
        });
    }
};
