<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_settings', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->text('value');
        });
        Schema::table('variants', function (Blueprint $table): void {
            $table->string('contents')->nullable();
        });
        Schema::table('catalogue_entries', function (Blueprint $table): void {
            $table->unsignedBigInteger('part_of_id')->nullable()->index();
        });
    }
};
