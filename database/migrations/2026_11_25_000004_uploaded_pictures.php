<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', static function (Blueprint $table): void {
            $table->string('state')->default('ready')->index();
            $table->string('original')->nullable();
            $table->unsignedTinyInteger('focus_x')->default(2);
            $table->unsignedTinyInteger('focus_y')->default(2);
        });
    }
};
