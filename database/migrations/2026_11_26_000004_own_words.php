<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The owner's own words instead of those that ship: a draft, and what customers read. One row, JSON by message. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_words', function (Blueprint $table): void {
            $table->id();
            $table->text('draft');
            $table->text('live');
        });
        DB::table('own_words')->insert(['draft' => '{}', 'live' => '{}']);
    }
};
