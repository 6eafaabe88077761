<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('catalogue_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained('users');
            $table->dateTime('at');
            $table->string('words');
            $table->unsignedInteger('format')->default(1);
            $table->json('changes');
            $table->json('moves');
            $table->string('key')->nullable();
            $table->foreignId('takes_back_id')->nullable()->unique()->constrained('catalogue_entries');
            $table->unique(['user_id', 'key']);
        });
        Schema::create('catalogue_entry_things', function (Blueprint $table): void {
            $table->foreignId('entry_id')->constrained('catalogue_entries')->cascadeOnDelete();
            $table->string('thing');
            $table->unsignedBigInteger('thing_id');
            $table->primary(['thing', 'thing_id', 'entry_id']);
        });
        Schema::create('old_address_names', function (Blueprint $table): void {
            $table->id();
            $table->string('thing');
            $table->string('slug');
            $table->unsignedBigInteger('thing_id');
            $table->dateTime('until');
            $table->index(['thing', 'slug']);
        });
        foreach (['products', 'categories', 'collections', 'brands', 'tags'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->string('search_title')->default('');
                $table->string('search_description')->default('');
            });
        }
        foreach (['brands', 'tags'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->text('description')->default('');
            });
        }
        Schema::table('tags', function (Blueprint $table): void {
            $table->unsignedBigInteger('picture_id')->nullable();
        });
    }
};
