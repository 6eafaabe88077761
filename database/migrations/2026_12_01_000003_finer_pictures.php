<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The widest size that was made of a picture, and whether its sizes are kept as AVIF too. */
return new class extends Migration
{
    /** What an earlier version made of every picture, in pixels. */
    private const MADE = 800;

    public function up(): void
    {
        Schema::table('pictures', static function (Blueprint $table): void {
            $table->unsignedInteger('made')->default(0);
            $table->boolean('avif')->default(false);
        });
        DB::table('pictures')->where('state', 'ready')->update(['made' => self::MADE]);
        DB::table('pictures')->where('state', 'ready')->whereNotNull('original')->update(['avif' => true]);
    }
};
