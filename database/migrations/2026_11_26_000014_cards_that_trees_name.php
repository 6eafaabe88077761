<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Trees name the cards of their grids: what is known of the trees that are there is learned anew. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('tree_names')->delete();
        DB::table('indexed_trees')->delete();
    }
};
