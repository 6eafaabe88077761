<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What filters look at, packed by thousands of products. Whatever changes a product puts it among those whose pack is
 * out of date, whoever it was that changed it: they are looked at one by one until they are packed anew.
 */
return new class extends Migration
{
    /** Table, column with the product, and the columns that filters look at; null for any. */
    private const WATCHED = [
        ['products', 'id', ['published', 'brand_id', 'review_count', 'star_sum']],
        ['variants', 'product_id', [
            'product_id', 'price', 'sale_price', 'sale_from', 'sale_until', 'stock', 'published', 'position',
        ]],
        ['category_product', 'product_id', null],
        ['product_tag', 'product_id', null],
        ['fact_values', 'product_id', null],
    ];

    public function up(): void
    {
        Schema::create('filter_packs', function (Blueprint $table): void {
            $table->unsignedInteger('pack')->primary();
            $table->dateTime('at');
            $table->binary('products');
            $table->binary('variants');
        });
        Schema::create('filter_bits', function (Blueprint $table): void {
            $table->unsignedInteger('pack');
            $table->string('filter');
            $table->binary('bits');
            $table->primary(['filter', 'pack']);
        });
        Schema::create('filter_stale', function (Blueprint $table): void {
            $table->unsignedInteger('product_id')->primary();
        });
        Schema::create('filter_words', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fact_id')->constrained()->cascadeOnDelete();
            $table->string('folded');
            $table->string('written');
            $table->unique(['fact_id', 'folded']);
        });
        foreach (self::WATCHED as [$table, $product, $columns]) {
            $this->watch("{$table}_made", "after insert on $table", "new.$product");
            $this->watch("{$table}_gone", "after delete on $table", "old.$product");
            $this->watch(
                "{$table}_changed",
                'after update'.($columns === null ? '' : ' of '.implode(', ', $columns))." on $table",
                "new.$product",
            );
        }
        // A product that a variant left is another than the one it came to.
        $this->watch('variants_moved', 'after update of product_id on variants', 'old.product_id');
        foreach (['made' => ['insert', 'new'], 'gone' => ['delete', 'old'], 'changed' => ['update', 'new']] as $name =>
            [$event, $row]) {
            $this->watch(
                "variant_values_$name",
                "after $event on variant_values",
                "(select product_id from variants where id = $row.variant_id)",
            );
        }
        DB::statement(
            'create index variants_sale_from on variants (sale_from, product_id) where sale_from is not null',
        );
        DB::statement(
            'create index variants_sale_until on variants (sale_until, product_id) where sale_until is not null',
        );
        DB::statement('insert into filter_stale select id from products');
    }

    /**
     * Not `insert or ignore`: what a trigger does with a row that is there is decided by the statement that set it off.
     */
    private function watch(string $name, string $when, string $product): void
    {
        DB::unprepared(
            "create trigger filters_$name $when begin insert into filter_stale select $product where $product is not "
                ."null and not exists (select 1 from filter_stale where product_id = $product); end",
        );
    }
};
