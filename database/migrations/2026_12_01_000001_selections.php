<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What somebody has selected among the pages of a kind, with what was selected before the last deed; filters of lists
 * that are kept under a name; what the columns of files were the last time; and which entries of the history changed
 * many things at once.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('selections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('page_kind');
            $table->unsignedInteger('revision')->default(0);
            $table->unsignedInteger('side')->default(0);
            $table->boolean('can_undo')->default(false);
            $table->unique(['user_id', 'page_kind']);
        });
        DB::statement(
            'create table selected_pages (selection_id integer not null references selections (id) on delete cascade,'
                .' side integer not null, page_id integer not null, primary key (selection_id, side, page_id))'
                .' without rowid',
        );
        Schema::create('kept_filters', function (Blueprint $table): void {
            $table->id();
            $table->string('list', 20);
            $table->string('page_kind');
            $table->string('name', 60);
            $table->json('filter');
            $table->unique(['list', 'page_kind', 'name']);
        });
        Schema::create('row_headers', function (Blueprint $table): void {
            $table->string('header', 64)->primary();
            $table->json('columns');
        });
        Schema::table('catalogue_entries', function (Blueprint $table): void {
            $table->boolean('many')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('catalogue_entries', fn (Blueprint $table) => $table->dropColumn('many'));
        Schema::dropIfExists('row_headers');
        Schema::dropIfExists('kept_filters');
        Schema::dropIfExists('selected_pages');
        Schema::dropIfExists('selections');
    }
};
