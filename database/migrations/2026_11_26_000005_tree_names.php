<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What stands in the trees of templates, parts and own blocks: an index by what is named, so that nobody searches the
 * trees themselves. `indexed_trees` says which revision of which tree it holds.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('indexed_trees', function (Blueprint $table): void {
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->boolean('live');
            $table->unsignedBigInteger('revision');
            $table->primary(['template_id', 'live']);
        });
        Schema::create('tree_names', function (Blueprint $table): void {
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->boolean('live');
            $table->string('thing');
            $table->string('name');
            $table->primary(['thing', 'name', 'template_id', 'live']);
            $table->index(['template_id', 'live']);
        });
    }
};
