<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Which template every page of a product has, which ones claim it and how strongly, and how many pages each has.
 * Whatever changes a product in a way that a rule may look at puts it among the stale: those are asked anew by
 * themselves.
 */
return new class extends Migration
{
    /** Table, column with the product, and the columns that rules look at; null for any. */
    private const WATCHED = [
        ['products', 'id', [
            'published', 'brand_id', 'title_folded', 'added_at', 'review_count', 'star_sum', 'picture_count',
            'variant_count',
        ]],
        ['variants', 'product_id', [
            'product_id', 'price', 'sale_price', 'sale_from', 'sale_until', 'stock', 'published',
        ]],
        ['category_product', 'product_id', null],
        ['collection_product', 'product_id', null],
        ['product_tag', 'product_id', null],
        ['fact_values', 'product_id', null],
    ];

    public function up(): void
    {
        Schema::create('kept_verdicts', function (Blueprint $table): void {
            $table->unsignedInteger('product_id')->primary();
            $table->unsignedInteger('template_id')->index();
            $table->text('claims');
        });
        Schema::create('kept_templates', function (Blueprint $table): void {
            $table->unsignedInteger('template_id')->primary();
            $table->string('rule');
            $table->unsignedInteger('covers')->default(0);
            $table->unsignedInteger('shown_on')->default(0);
            $table->unsignedInteger('won')->default(0);
        });
        Schema::create('kept_state', function (Blueprint $table): void {
            $table->string('word');
            $table->string('order');
            $table->unsignedBigInteger('at');
            $table->unsignedBigInteger('until')->nullable();
            $table->boolean('prices');
            $table->string('days');
        });
        Schema::create('stale_verdicts', function (Blueprint $table): void {
            $table->unsignedInteger('product_id')->primary();
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
            $this->watch(
                "pins_$name",
                "after $event on pins when $row.page_kind = 'product'",
                "$row.subject_id",
            );
        }
        // What lies beneath a category that is moved lies in others then; its bounds are still those from before.
        DB::unprepared(
            'create trigger verdicts_categories_moved after update of parent_id on categories when new.parent_id is '
                .'not old.parent_id begin insert into stale_verdicts select distinct h.product_id from categories c '
                .'join category_product h on h.category_id = c.id where c.lower between old.lower and old.upper and '
                .'not exists (select 1 from stale_verdicts s where s.product_id = h.product_id); end',
        );
    }

    /**
     * Not `insert or ignore`: what a trigger does with a row that is there is decided by the statement that set it off.
     */
    private function watch(string $name, string $when, string $product): void
    {
        DB::unprepared(
            "create trigger verdicts_$name $when begin insert into stale_verdicts select $product where $product is "
                ."not null and not exists (select 1 from stale_verdicts where product_id = $product); end",
        );
    }
};
