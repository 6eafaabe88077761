<?php

declare(strict_types=1);

namespace Vestibra\App\Today;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\ReachCounts;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Reach\Season;

/** What is live, in numbers. */
final readonly class Live
{
    public function __construct(
        private ReachCounts $counts,
        private ReachWords $words,
    ) {
    }

    /**
     * @return array{templates: int, products: int, byTemplate: list<array{id: int, name: string, count: int}>,
     *     ahead: list<array{id: int, name: string, count: int, season: string, from: string|null}>, drafts: int}
     *     the ten templates with most pages; those whose season lies ahead, with how many pages they will be shown on
     */
    public function summary(): array
    {
        $names = DB::table('templates')->whereNotNull('live_revision')->where('page_kind', 'product')->orderBy('hand_order')->pluck('name', 'id')->all();
        $byTemplate = $ahead = [];
        foreach ($this->counts->live() as $id => $count) {
            if ($count['when'] === 'ahead') {
                $ahead[] = ['id' => $id, 'name' => (string) ($names[$id] ?? ''), 'count' => $count['shownOn'], 'season' => $this->words->season(Season::of(self::instant($count['from']), self::instant($count['until']))), 'from' => $count['from']];
            }
            $byTemplate[] = ['id' => $id, 'name' => (string) ($names[$id] ?? ''), 'count' => $count['shownNow']];
        }
        usort($byTemplate, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);

        usort($ahead, static fn (array $one, array $other): int => $one['from'] <=> $other['from']);

        return [
            'ahead' => $ahead,
            'templates' => count($names),
            'products' => DB::table('products')->where('published', true)->count(),
            'byTemplate' => array_slice($byTemplate, 0, 10),
            'drafts' => DB::table('templates')->where('page_kind', '!=', Template::LET_GO)->where(static fn ($query) => $query
                ->whereNull('live_revision')->orWhereColumn('draft_tree', '!=', 'live_tree')->orWhereColumn('draft_reach', '!=', 'live_reach'))->count(),
        ];
    }

    private static function instant(?string $written): ?DateTimeImmutable
    {
        return $written === null ? null : new DateTimeImmutable($written);
    }
}
