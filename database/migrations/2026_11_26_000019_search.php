<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;

/**
 * What is searched for, field by field; what customers looked for, by day and without anything about them; words that
 * mean the same.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('drop table product_words');
        DB::statement(
            'create virtual table product_words using fts5(title, options, brand, categories, tags, facts, short, '
                ."description, prefix = '2 3', tokenize = 'unicode61 remove_diacritics 2')",
        );
        DB::statement("create virtual table product_vocabulary using fts5vocab('product_words', 'row')");
        Schema::create('searches', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('name_folded')->unique();
            $table->unsignedInteger('results')->default(0);
            $table->boolean('is_sample')->default(false);
            $table->boolean('as_typed')->default(true);
        });
        Schema::create('search_days', function (Blueprint $table): void {
            $table->foreignId('search_id')->constrained('searches')->cascadeOnDelete();
            $table->date('day');
            $table->unsignedInteger('times')->default(0);
            $table->primary(['day', 'search_id']);
        });
        Schema::create('synonyms', function (Blueprint $table): void {
            $table->id();
            $table->json('words');
        });
        // Whoever writes words counts it there.
        Schema::create('searched', static fn (Blueprint $table) => $table->unsignedBigInteger('changes'));
        DB::table('searched')->insert(['changes' => 0]);
        ProductIndex::words('1');
    }
};
