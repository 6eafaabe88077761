<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The lowest price of each product is kept beside it, so that any part of a long list in the order of prices is found
 * at once.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('products', function (Blueprint $table): void {
            $table->unsignedInteger('price_low')->nullable();
        });
        DB::statement(
            'update products set price_low = (select min(price) from variants v where v.product_id = products.id)',
        );
        DB::statement('create index products_price_low on products (price_low, id)');
    }
};
