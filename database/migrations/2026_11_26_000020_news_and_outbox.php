<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who wants letters from the shop, and the letters that a shop without a mail service would have sent. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('news_addresses', static function (Blueprint $table): void {
            $table->id();
            $table->string('address')->unique();
            $table->string('asked_at');
            $table->string('confirmed_at')->nullable()->index();
        });
        Schema::create('outbox', static function (Blueprint $table): void {
            $table->id();
            $table->string('recipient');
            $table->string('subject');
            $table->text('words');
            $table->string('sent_at');
        });
    }
};
