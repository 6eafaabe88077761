<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Vestibra\Core\Templates\TreeFormats;

/**
 * What a template is, and whether it has been let go of, are two things; categories, collections and brands may have a
 * picture.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('templates', static function (Blueprint $table): void {
            $table->string('role')->default('page');
            $table->dateTime('let_go_at')->nullable();
        });
        $order = 0;
        foreach (DB::table('templates')->whereIn('page_kind', ['part', 'content', 'let-go'])
            ->orderBy('id')
            ->get(['id', 'page_kind', 'changed_at']) as $row) {
            DB::table('templates')->where('id', $row->id)->update([
                'role' => $row->page_kind === 'content' ? 'own-blocks' : 'part',
                'let_go_at' => $row->page_kind === 'let-go' ? $row->changed_at : null,
                'page_kind' => '',
                'hand_order' => ++$order,
            ]);
        }
        // Trees are read in every format; written in the current one, what was not changed compares as such.
        foreach (DB::table('templates')->orderBy('id')->get(['id', 'draft_tree', 'live_tree']) as $row) {
            DB::table('templates')->where('id', $row->id)->update(
                ['draft_tree' => self::upcast($row->draft_tree), 'live_tree' => self::upcast($row->live_tree)],
            );
        }
        foreach (['categories', 'collections', 'brands'] as $assortment) {
            Schema::table($assortment, static function (Blueprint $table): void {
                $table->foreignId('picture_id')->nullable();
            });
        }
        Schema::table('troubles', static function (Blueprint $table): void {
            $table->renameColumn('product_id', 'subject_id');
        });
    }

    private static function upcast(?string $stored): ?string
    {
        $tree = $stored === null ? null : json_decode($stored, true);
        if (! is_array($tree) || ! is_array($tree['page'] ?? null) || ! TreeFormats::knows($tree['format'] ?? null)) {
            return $stored;
        }

        return json_encode(
            ['format' => TreeFormats::CURRENT, 'page' => TreeFormats::node($tree['page'], $tree['format'])] + $tree,
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
};
