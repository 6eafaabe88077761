<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Several house styles are kept, each with a draft beside what it is when in use; one is in use. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('house_styles', function (Blueprint $table): void {
            $table->string('name', 60)->default('Larkfold plain');
            $table->json('draft')->default('{}');
            $table->boolean('in_use')->default(false);
        });
        DB::statement('update house_styles set draft = live');
        DB::statement('update house_styles set in_use = 1 where id = (select min(id) from house_styles)');
        DB::statement('create unique index one_house_style_in_use on house_styles (in_use) where in_use = 1');
    }
};
