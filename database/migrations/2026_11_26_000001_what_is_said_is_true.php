<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('troubles', static function (Blueprint $table): void {
            $table->boolean('draft')->default(false);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dateTime('closed_at')->nullable();
        });
    }
};
