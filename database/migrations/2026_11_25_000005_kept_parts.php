<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kept_parts', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('kind');
            $table->json('node');
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->dateTime('made_at');
        });
    }
};
