<?php

declare(strict_types=1);

namespace Vestibra\App\Today;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\ReachCounts;

/** What is live, in numbers. */
final readonly class Live
{
    public function __construct(private ReachCounts $counts)
    {
    }

    /** @return array{templates: int, products: int, byTemplate: list<array{id: int, name: string, count: int}>, drafts: int} the ten templates with most pages */
    public function summary(): array
    {
        $names = DB::table('templates')->whereNotNull('live_revision')->where('page_kind', 'product')->orderBy('hand_order')->pluck('name', 'id')->all();
        $byTemplate = [];
        foreach ($this->counts->live() as $id => $count) {
            $byTemplate[] = ['id' => $id, 'name' => (string) ($names[$id] ?? ''), 'count' => $count['shownOn']];
        }
        usort($byTemplate, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);

        return [
            'templates' => count($names),
            'products' => DB::table('products')->where('published', true)->count(),
            'byTemplate' => array_slice($byTemplate, 0, 10),
            'drafts' => DB::table('templates')->where('page_kind', '!=', Template::LET_GO)->where(static fn ($query) => $query
                ->whereNull('live_revision')->orWhereColumn('draft_tree', '!=', 'live_tree')->orWhereColumn('draft_reach', '!=', 'live_reach'))->count(),
        ];
    }
}
