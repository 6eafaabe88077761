<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How many products each category, collection by hand, brand and tag has that customers see, and how many each fact is
 * filled in for. Whatever changes one takes it away: it is counted anew then. Verdicts are kept anew, since
 * collections by rule stand among them from here on.
 */
return new class extends Migration
{
    /** Table, with what a product is linked there, and its column. */
    private const LINKS = [
        ['product_tag', 'tag', 'tag_id'],
        ['collection_product', 'collection', 'collection_id'],
        ['fact_values', 'fact', 'fact_id'],
        ['category_product', 'category', 'category_id'],
    ];

    private const EVENTS = ['made' => ['insert', ['new']], 'gone' => ['delete', ['old']], 'changed' => [
        'update', ['old', 'new'],
    ]];

    public function up(): void
    {
        Schema::create('kept_counts', function (Blueprint $table): void {
            $table->string('thing');
            $table->unsignedInteger('thing_id');
            $table->unsignedInteger('products');
            $table->primary(['thing', 'thing_id']);
        });
        foreach (self::EVENTS as $name => [$event, $rows]) {
            foreach (self::LINKS as [$table, $thing, $column]) {
                $this->takeAway("{$table}_$name", "after $event on $table", ...array_map(
                    fn (string $row): string => $this->of($thing, "select $row.$column"),
                    $rows,
                ));
            }
            // Its links go after it and are then no longer to be found.
            $this->takeAway(
                "products_$name",
                match ($event) {
                    'insert' => 'after insert on products',
                    'delete' => 'before delete on products',
                    default => 'after update of published, brand_id on products when new.published is not '
                        .'old.published or new.brand_id is not old.brand_id',
                },
                ...array_merge(...array_map($this->around(...), $rows)),
            );
        }
        foreach (['insert', 'delete', 'update of lower, upper'] as $number => $event) {
            $this->takeAway("categories_$number", "after $event on categories", "thing = 'category'");
        }
        $this->takeAway('rules', 'after update of rule on collections', $this->of('collection', 'select new.id'));
        foreach (['collections' => 'collection', 'brands' => 'brand', 'tags' => 'tag', 'facts' => 'fact'] as $table =>
            $thing) {
            $this->takeAway("{$table}_gone", "after delete on $table", $this->of($thing, 'select old.id'));
        }
        foreach (['kept_verdicts', 'kept_templates', 'kept_state', 'stale_verdicts'] as $table) {
            DB::table($table)->delete();
        }
    }

    /** @return list<string> whatever a product stands in */
    private function around(string $row): array
    {
        return [
            $this->of('brand', "select $row.brand_id"),
            $this->of('tag', "select tag_id from product_tag where product_id = $row.id"),
            $this->of('collection', "select collection_id from collection_product where product_id = $row.id"),
            $this->of('category', "select category_id from category_product where product_id = $row.id"),
        ];
    }

    private function of(string $thing, string $ids): string
    {
        return "thing = '$thing' and thing_id in (".($thing === 'category'
            ? 'select a.id from categories c join categories a on c.lower between a.lower and a.upper where c.id in '
                ."($ids)"
            : $ids).')';
    }

    private function takeAway(string $name, string $when, string ...$which): void
    {
        $deeds = array_map(static fn (string $one): string => "delete from kept_counts where $one;", $which);
        DB::unprepared("create trigger counts_$name $when begin ".implode(' ', $deeds).' end');
    }
};
