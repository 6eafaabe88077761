<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('templates', function (Blueprint $table): void {
            $table->id();
            $table->string('page_kind');
            $table->string('name');
            $table->integer('hand_order');
            $table->json('draft_tree');
            $table->json('draft_reach');
            $table->unsignedInteger('draft_revision')->default(1);
            $table->json('live_tree')->nullable();
            $table->json('live_reach')->nullable();
            $table->unsignedInteger('live_revision')->nullable();
            $table->foreignId('changed_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('changed_at');
            $table->unique(['page_kind', 'hand_order']);
        });
        Schema::create('fallbacks', function (Blueprint $table): void {
            $table->string('page_kind')->primary();
            $table->foreignId('template_id')->constrained();
        });
        Schema::create('pins', function (Blueprint $table): void {
            $table->string('page_kind');
            $table->unsignedBigInteger('subject_id');
            $table->foreignId('template_id')->constrained();
            $table->primary(['page_kind', 'subject_id']);
        });
        Schema::create('draft_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->string('origin');
            $table->string('gesture')->nullable();
            $table->string('window')->nullable();
            $table->string('key')->nullable();
            $table->unsignedSmallInteger('format')->default(1);
            $table->json('edits');
            $table->json('inverses');
            $table->string('words');
            $table->boolean('spent')->default(false);
            $table->dateTime('made_at');
            $table->index(['template_id', 'user_id', 'id']);
            $table->index(['template_id', 'revision']);
            $table->unique(['template_id', 'key']);
        });
        Schema::create('draft_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->json('tree');
            $table->json('reach');
            $table->dateTime('made_at');
            $table->index(['template_id', 'revision']);
        });
        Schema::create('presences', function (Blueprint $table): void {
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('window');
            $table->dateTime('seen_at');
            $table->primary(['template_id', 'user_id', 'window']);
        });
        Schema::create('releases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('author_id')->constrained('users');
            $table->string('state');
            $table->dateTime('at');
            $table->dateTime('due_at')->nullable();
            $table->string('note')->default('');
            $table->unsignedSmallInteger('format')->default(1);
            $table->json('change_set');
            $table->json('impact');
            $table->string('trouble')->nullable();
            $table->foreignId('brings_back_id')->nullable()->constrained('releases');
            $table->index(['state', 'due_at']);
        });
        Schema::create('troubles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained()->cascadeOnDelete();
            $table->string('block_id');
            $table->string('kind');
            $table->unsignedBigInteger('product_id');
            $table->text('message');
            $table->dateTime('seen_at');
            $table->unique(['template_id', 'block_id']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('house_styles', function (Blueprint $table): void {
            $table->id();
            $table->json('live');
        });
    }
};
