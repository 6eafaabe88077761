<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A stock number, in whatever case, or a bar code finds its product at once. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('create index variants_sku_folded on variants (lower(sku), product_id)');
        DB::statement("create index variants_barcode on variants (barcode, product_id) where barcode <> ''");
    }
};
