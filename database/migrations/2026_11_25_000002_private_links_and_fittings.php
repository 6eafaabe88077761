<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('private_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('token_hash', 64)->unique();
            $table->dateTime('made_at');
            $table->dateTime('expires_at');
            $table->dateTime('withdrawn_at')->nullable();
            $table->unsignedInteger('opened')->default(0);
        });
        Schema::create('fittings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->unique()->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->string('state');
            $table->unsignedInteger('total')->default(0);
            $table->unsignedInteger('done')->default(0);
            $table->json('findings');
            $table->dateTime('made_at');
        });
    }
};
