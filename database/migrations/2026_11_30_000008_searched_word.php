<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How often anything has changed that a search looks at: what was found is kept as long as it is the same. Words are
 * written by the index alone, which counts too; stock counts where it comes or runs out.
 */
return new class extends Migration
{
    public function up(): void
    {
        // A shop that had its words before it was counted how often they change.
        if (! Schema::hasTable('searched')) {
            Schema::create('searched', function (Blueprint $table): void {
                $table->unsignedBigInteger('changes');
            });
            DB::table('searched')->insert(['changes' => 0]);
        }
        $inStock = static fn (string $row): string => "($row.stock is null or $row.stock > 0)";
        foreach ([
            'variants_made' => 'after insert on variants',
            'variants_gone' => 'after delete on variants',
            'variants_changed' => 'after update of product_id, sku, barcode, published, stock on variants when '
                .'new.product_id is not old.product_id or new.sku is not old.sku or new.barcode is not old.barcode or '
                ."new.published is not old.published or {$inStock('new')} is not {$inStock('old')}",
            'products_gone' => 'after delete on products',
            'products_shown' => 'after update of published on products when new.published is not old.published',
        ] as $name => $when) {
            DB::unprepared(
                "create trigger searched_$name $when begin update searched set changes = changes + 1; end",
            );
        }
    }
};
