<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Products by title in the order of the shop's language. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('products', function (Blueprint $table): void {
            $table->string('title_order')->default('');
            $table->index(['published', 'title_order']);
        });
        DB::statement('update products set title_order = name_order(title)');
    }
};
