<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Letters that the owner brought: they are sent to customers as they came. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_fonts', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->string('kind', 10);
            $table->string('hash', 40);
            $table->binary('bytes');
        });
    }
};
