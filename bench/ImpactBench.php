<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Bench\Opponents\ImpactByHand;
use Vestibra\Core\Releases\Changes;

/** One publish that moves about a tenth of the products, with 20 live templates, 60 clauses, 3 seasons and 200 pins. */
final class ImpactBench
{
    private const ROUNDS = 7;

    /** @return list<array<string, mixed>> */
    public function run(int $seed, int $size): array
    {
        DB::beginTransaction();
        try {
            $chance = new Chance($seed);
            $templates = $this->templates($chance);
            $changes = Changes::of(TemplateDeed::publish(Template::query()->findOrFail($templates['new'])));
            $impact = app(Impact::class);
            $hand = new ImpactByHand($templates['live'], $templates['newReach'], app(ShopClock::class)->now());
            $summary = $impact->of($changes);
            if ($summary['moved'] !== $hand->moved()) {
                throw new RuntimeException("The two sides do not agree: {$summary['moved']} and {$hand->moved()}.");
            }
            $samples =
                Timing::both(static fn () => $impact->of($changes), static fn () => $hand->moved(), self::ROUNDS);
            [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];

            return [[
                'what' => "impact, {$summary['moved']} pages move",
                'products' => $size,
                'ratio' => round($ours / $theirs, 2),
                'goal' => 'at most 2, under 3 s',
                'ours' => round($ours, 1),
                'theirs' => round($theirs, 1),
                'samples' => $samples,
            ]];
        } finally {
            DB::rollBack();
        }
    }

    /** @return array{live: list<array{int, array<string, mixed>}>, new: int, newReach: array<string, mixed>} */
    private function templates(Chance $chance): array
    {
        $tree = DB::table('templates')->value('live_tree');
        $live = [];
        for ($at = 0; $at < 19; $at++) {
            $reach = [
                'format' => 2,
                'show' => array_map(static fn (): array => self::clause($chance), range(1, 3)),
                'keepOff' => [],
                'goesFirst' => false,
                'season' => $at < 3
                    ? ['from' => null, 'until' => $at === 0 ? '2020-01-01T00:00:00Z' : '2099-01-01T00:00:00Z']
                    : [],
            ];
            $live[] = [$this->insert("Bench $at", $at + 100, $tree, $reach, true), $reach];
        }
        $newReach = [
            'format' => 2,
            'show' => [[self::is('brand', 1), self::is('tag', 1)], [self::is('brand', 2), self::is('tag', 2)]],
            'keepOff' => [],
            'season' => [],
            'goesFirst' => true,
        ];
        $new = $this->insert('Bench new', 200, $tree, $newReach, false);
        foreach ($chance->some(200, (int) DB::table('products')->max('id')) as $product) {
            DB::table('pins')
                ->insertOrIgnore(['page_kind' => 'product', 'subject_id' => $product, 'template_id' => $live[5][0]]);
        }

        return ['live' => $live, 'new' => $new, 'newReach' => $newReach];
    }

    /** @param  array<string, mixed>  $reach */
    private function insert(string $name, int $order, mixed $tree, array $reach, bool $live): int
    {
        return DB::table('templates')->insertGetId([
            'page_kind' => 'product', 'name' => $name, 'hand_order' => $order, 'draft_tree' => $tree,
            'draft_reach' => json_encode($reach), 'changed_at' => now(),
            'live_tree' => $live ? $tree : null, 'live_reach' => $live ? json_encode($reach) : null,
            'live_revision' => $live ? 1 : null,
        ]);
    }

    /** @return list<array<string, mixed>> */
    private static function clause(Chance $chance): array
    {
        return match ($chance->number(1, 3)) {
            1 => [self::is('category', $chance->number(1, 19))],
            2 => [self::is('brand', $chance->number(1, 5)), self::is('category', $chance->number(1, 19))],
            default => [self::is('tag', ...$chance->some(2, 5))],
        };
    }

    /** @return array<string, mixed> */
    private static function is(string $field, int ...$values): array
    {
        sort($values);

        return [
            'field' => $field,
            'comparison' => ['category' => 'isIn', 'brand' => 'isOneOf', 'tag' => 'hasAnyOf'][$field],
            'values' => $values,
        ];
    }
}
