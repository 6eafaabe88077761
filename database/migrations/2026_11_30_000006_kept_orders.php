<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What orders of long lists go by, beside each product that customers can see, and until when it holds. Whatever
 * changes it puts the product among the stale; stock does where it comes or runs out.
 */
return new class extends Migration
{
    private const WATCHED = [
        ['products', 'id', [
            'published', 'review_count', 'star_sum', 'picture_count', 'variant_count', 'title', 'title_folded',
            'short_description',
        ]],
        ['variants', 'product_id', [
            'product_id', 'price', 'sale_price', 'sale_from', 'sale_until', 'published', 'stock',
        ]],
    ];

    public function up(): void
    {
        Schema::create('kept_orders', function (Blueprint $table): void {
            $table->unsignedInteger('id')->primary();
            $table->unsignedInteger('lowest')->nullable();
            $table->double('saving')->nullable();
            $table->double('rating');
            $table->unsignedInteger('reviews');
            $table->unsignedInteger('awkward');
            $table->boolean('ordinary');
            $table->string('title');
            $table->string('until')->nullable();
        });
        Schema::create('kept_orders_state', function (Blueprint $table): void {
            $table->string('at');
        });
        Schema::create('stale_orders', function (Blueprint $table): void {
            $table->unsignedInteger('product_id')->primary();
        });
        DB::statement('create index kept_orders_cheap on kept_orders (lowest, id)');
        DB::statement('create index kept_orders_dear on kept_orders (lowest desc, id)');
        DB::statement('create index kept_orders_saving on kept_orders (saving desc, id)');
        DB::statement('create index kept_orders_rated on kept_orders (rating desc, reviews desc, id)');
        DB::statement('create index kept_orders_awkward on kept_orders (awkward desc, title, id)');
        DB::statement('create index kept_orders_ordinary on kept_orders (ordinary desc, title, id)');
        DB::statement('create index kept_orders_until on kept_orders (until) where until is not null');
        foreach (self::WATCHED as [$table, $product, $columns]) {
            $this->watch("{$table}_made", "after insert on $table", "new.$product");
            $this->watch("{$table}_gone", "after delete on $table", "old.$product");
            $isOther = array_map(static fn (string $column): string => $column === 'stock'
                ? '(new.stock is null or new.stock > 0) is not (old.stock is null or old.stock > 0)'
                : "new.$column is not old.$column", $columns);
            $this->watch(
                "{$table}_changed",
                'after update of '.implode(', ', $columns)." on $table when ".implode(' or ', $isOther),
                "new.$product",
            );
        }
        // A product that a variant left is another than the one it came to.
        $this->watch('variants_moved', 'after update of product_id on variants', 'old.product_id');
    }

    /**
     * Not `insert or ignore`: what a trigger does with a row that is there is decided by the statement that set it off.
     */
    private function watch(string $name, string $when, string $product): void
    {
        DB::unprepared(
            "create trigger orders_$name $when begin insert into stale_orders select $product where not exists "
                ."(select 1 from stale_orders where product_id = $product); end",
        );
    }
};
