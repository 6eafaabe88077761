<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Kept parts become templates of their own, with draft and live; so do the blocks that one product has as a fact. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('alter table templates add column fact_id integer references facts(id) on delete cascade');
        DB::statement('alter table templates add column product_id integer references products(id) on delete cascade');
        DB::statement('create unique index templates_content on templates (fact_id, product_id)');
        foreach (DB::table('kept_parts')->orderBy('id')->get() as $order => $part) {
            $node = self::block(json_decode($part->node, true));
            $root = $node['kind'] === 'band' ? 'page' : 'stage';
            $tree = json_encode(
                ['format' => 1, 'page' => ['id' => self::id(), 'kind' => $root, 'children' => [$node]]],
            );
            $reach = json_encode([
                'format' => 1,
                'show' => [],
                'keepOff' => [],
                'season' => ['from' => null, 'until' => null],
                'goesFirst' => false,
            ]);
            DB::table('templates')->insert([
                'page_kind' => 'part',
                'name' => $part->name,
                'hand_order' => $order + 1,
                'draft_tree' => $tree,
                'draft_reach' => $reach,
                'draft_revision' => 1,
                'live_tree' => $tree,
                'live_reach' => $reach,
                'live_revision' => 1,
                'changed_by' => $part->user_id,
                'changed_at' => $part->made_at,
            ]);
        }
        Schema::drop('kept_parts');
    }

    /**
     * @param  array<string, mixed>  $node
     * @return array<string, mixed> a tab or a fold in what holds it
     */
    private static function block(array $node): array
    {
        $node = self::withIds($node);
        $holder = ['tab' => 'tabs', 'fold' => 'accordion'][$node['kind']] ?? null;

        return $holder === null ? $node : ['id' => self::id(), 'kind' => $holder, 'children' => [$node]];
    }

    /**
     * @param  array<string, mixed>  $node
     * @return array<string, mixed>
     */
    private static function withIds(array $node): array
    {
        $children = array_map(self::withIds(...), $node['children'] ?? []);

        return ['id' => self::id()] + ($children === [] ? $node : ['children' => $children] + $node);
    }

    private static function id(): string
    {
        return 'n'.bin2hex(random_bytes(6));
    }
};
