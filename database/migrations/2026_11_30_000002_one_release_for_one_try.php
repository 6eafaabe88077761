<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The same release, sent again because its answer was lost, is made once. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('releases', static function (Blueprint $table): void {
            $table->string('key')->nullable();
            $table->unique(['author_id', 'key']);
        });
    }
};
