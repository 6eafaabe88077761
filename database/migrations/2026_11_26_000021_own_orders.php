<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The owner's own order of the products of a category, and of a collection by rule: what is placed comes first. */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            'category_order' => ['category_id', 'categories'],
            'collection_order' => ['collection_id', 'collections'],
        ] as $table => [$of, $things]) {
            Schema::create($table, static function (Blueprint $table) use ($of, $things): void {
                $table->foreignId($of)->constrained($things)->cascadeOnDelete();
                $table->foreignId('product_id')->constrained('products')->cascadeOnDelete();
                $table->unsignedInteger('position');
                $table->primary([$of, 'product_id']);
                $table->index('product_id');
            });
        }
    }
};
