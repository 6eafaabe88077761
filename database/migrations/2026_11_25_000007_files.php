<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('files', static function (Blueprint $table): void {
            $table->id();
            $table->string('use')->index();
            $table->string('name');
            $table->string('file')->unique();
            $table->string('type');
            $table->unsignedInteger('bytes');
            $table->unsignedInteger('width')->default(0);
            $table->unsignedInteger('height')->default(0);
            $table->unsignedInteger('seconds')->default(0);
            $table->foreignId('captions_id')->nullable()->constrained('files')->nullOnDelete();
            $table->foreignId('poster_id')->nullable()->constrained('pictures')->nullOnDelete();
            $table->dateTime('made_at');
            $table->dateTime('gone_at')->nullable();
        });
    }
};
