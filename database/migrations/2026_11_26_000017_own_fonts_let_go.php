<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Letters that a release names stay for when it is brought back, and are out of the list until then. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('own_fonts', function (Blueprint $table): void {
            $table->dropUnique(['name']);
            $table->dateTime('let_go_at')->nullable();
        });
    }
};
