<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->string('file')->index();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('alt');
        });
        foreach (['brands', 'tags'] as $name) {
            Schema::create($name, function (Blueprint $table): void {
                $table->id();
                $table->string('name');
                $table->string('name_folded')->index();
                $table->string('slug')->unique();
            });
        }
        Schema::create('categories', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('parent_id')->nullable()->constrained('categories');
            $table->string('name');
            $table->string('name_folded')->index();
            $table->string('slug')->unique();
            $table->text('description')->default('');
            $table->unsignedInteger('position')->default(0);
            $table->unsignedInteger('lower')->index();
            $table->unsignedInteger('upper')->index();
        });
        Schema::create('collections', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('name_folded')->index();
            $table->string('slug')->unique();
            $table->text('description')->default('');
            $table->json('rule')->nullable();
        });
        Schema::create('products', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
            $table->string('title');
            $table->string('title_folded')->index();
            $table->text('short_description')->default('');
            $table->text('description')->default('');
            $table->boolean('published')->default(true);
            $table->foreignId('brand_id')->nullable()->constrained('brands')->nullOnDelete();
            $table->foreignId('main_category_id')->nullable()->constrained('categories')->nullOnDelete();
            $table->dateTime('added_at')->index();
            $table->unsignedInteger('review_count')->default(0);
            $table->unsignedInteger('star_sum')->default(0);
            $table->unsignedInteger('picture_count')->default(0);
            $table->unsignedInteger('variant_count')->default(0);
            $table->index(['published', 'title_folded']);
            $table->index(['brand_id', 'published']);
        });
        Schema::create('options', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('name_folded')->unique();
            $table->unsignedInteger('position')->default(0);
        });
        Schema::create('option_values', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->string('label');
            $table->string('label_folded');
            $table->string('swatch')->nullable();
            $table->unsignedInteger('position')->default(0);
            $table->unique(['option_id', 'label_folded']);
        });
        Schema::create('variants', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained()->cascadeOnDelete();
            $table->string('sku')->unique();
            $table->unsignedInteger('price');
            $table->unsignedInteger('sale_price')->nullable();
            $table->dateTime('sale_from')->nullable();
            $table->dateTime('sale_until')->nullable();
            $table->integer('stock')->nullable();
            $table->foreignId('picture_id')->nullable()->constrained('pictures')->nullOnDelete();
            $table->boolean('published')->default(true);
            $table->unsignedInteger('position')->default(0);
            $table->index(['product_id', 'published', 'position']);
            $table->index(
                ['published', 'product_id', 'price', 'sale_price', 'sale_from', 'sale_until', 'stock'],
                'variants_selling',
            );
        });
        DB::statement('create index variants_reduced on variants (published, product_id) where sale_price is not null');
        Schema::create('variant_values', function (Blueprint $table): void {
            $table->foreignId('variant_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_id')->constrained()->cascadeOnDelete();
            $table->foreignId('option_value_id')->constrained()->cascadeOnDelete();
            $table->primary(['variant_id', 'option_id']);
            $table->index(['option_value_id', 'variant_id']);
            $table->index(['option_id', 'variant_id']);
        });
        Schema::create('facts', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('name_folded')->unique();
            $table->string('kind');
            $table->string('unit')->default('');
            $table->unsignedTinyInteger('decimals')->default(0);
            $table->json('choices')->nullable();
            $table->unsignedInteger('position')->default(0);
        });
        Schema::create('fact_values', function (Blueprint $table): void {
            $table->foreignId('product_id')->constrained()->cascadeOnDelete();
            $table->foreignId('fact_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position')->default(0);
            $table->text('written');
            $table->string('folded')->nullable();
            $table->bigInteger('number')->nullable();
            $table->primary(['product_id', 'fact_id', 'position']);
            $table->index(['fact_id', 'folded', 'product_id']);
            $table->index(['fact_id', 'number', 'product_id']);
        });
        $this->link('product_pictures', 'picture', true);
        $this->link('category_product', 'category', false, 'categories');
        $this->link('collection_product', 'collection', true);
        $this->link('product_tag', 'tag', false);
        Schema::create('reviews', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('stars');
            $table->string('author');
            $table->text('words')->default('');
            $table->boolean('published')->default(true);
            $table->dateTime('written_at');
            $table->index(['product_id', 'published']);
        });
        DB::statement(
            'create table title_words (word text not null, product_id integer not null references products (id) on '
                .'delete cascade,'.' primary key (word, product_id)) without rowid',
        );
        DB::statement('create index title_words_product on title_words (product_id)');
        DB::statement(
            "create virtual table product_words using fts5(words, tokenize = 'unicode61 remove_diacritics 0')",
        );
    }

    private function link(string $table, string $other, bool $ordered, ?string $otherTable = null): void
    {
        Schema::create($table, function (Blueprint $blueprint) use ($other, $ordered, $otherTable): void {
            $blueprint->foreignId('product_id')->constrained()->cascadeOnDelete();
            $blueprint->foreignId("{$other}_id")->constrained($otherTable ?? "{$other}s")->cascadeOnDelete();
            if ($ordered) {
                $blueprint->unsignedInteger('position')->default(0);
            }
            $blueprint->primary(['product_id', "{$other}_id"]);
            $blueprint->index(["{$other}_id", 'product_id']);
        });
    }
};
