<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('draft_steps', function (Blueprint $table): void {
            $table->boolean('passed_over')->default(false);
            $table->index(['template_id', 'passed_over'], 'passed_over_steps');
        });
    }

    public function down(): void
    {
        Schema::table('draft_steps', function (Blueprint $table): void {
            $table->dropIndex('passed_over_steps');
            $table->dropColumn('passed_over');
        });
    }
};
