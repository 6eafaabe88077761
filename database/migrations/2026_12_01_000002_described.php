<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether the description of a product has words or a picture is kept beside it, and rules look at it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('products', function (Blueprint $table): void {
            $table->boolean('described')->default(false);
        });
        DB::table('products')->update(['described' => DB::raw('holds_something(description)')]);
        DB::unprepared(
            'create trigger verdicts_products_described after update of described on products begin insert into '
                .'stale_verdicts select new.id where not exists (select 1 from stale_verdicts where product_id = '
                .'new.id); end',
        );
    }
};
