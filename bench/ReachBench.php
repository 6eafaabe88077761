<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Pages\ProductPages;
use Vestibra\App\Reach\Rules\ReachSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\Bench\Opponents\ReachByHand;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;

/** Count and list of three common and three awkward rules against hand-written SQL on the same connection. */
final class ReachBench
{
    private const ROUNDS = 15;

    /** @return list<array<string, mixed>> */
    public function run(int $seed, int $size): array
    {
        $chance = new Chance($seed);
        $clock = app(ShopClock::class);
        $rows = [];
        foreach ((new ReachByHand($chance, $clock->now()))->rules() as [$name, $awkward, $reach, $where]) {
            $ours = $this->where($reach, $clock);
            foreach (['count' => 'select count(*) from products p where p.published = 1 and (%s)', 'list' => 'select p.id from products p where p.published = 1 and (%s) order by p.title_folded, p.id limit 24'] as $what => $frame) {
                [$mine, $theirs] = [sprintf($frame, $ours[0]), sprintf($frame, $where[0])];
                if (DB::select($mine, $ours[1]) != DB::select($theirs, $where[1])) {
                    throw new RuntimeException("The two sides do not agree on $name.");
                }
                $samples = Timing::both(fn () => DB::select(sprintf($frame, $this->where($reach, $clock)[0]), $ours[1]), fn () => DB::select($theirs, $where[1]), self::ROUNDS);
                [$a, $b] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
                $rows[] = ['what' => "reach, $what: $name", 'products' => $size, 'ratio' => round($a / $b, 2), 'goal' => $awkward ? 'at most 2' : 'at most 1.3', 'ours' => round($a, 3), 'theirs' => round($b, 3), 'samples' => $samples];
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $stored
     * @return array{string, list<mixed>}
     */
    private function where(array $stored, ShopClock $clock): array
    {
        $reach = (new ReachReader(RuleFields::standard(), $clock->zone, PageKind::Product))->parse($stored);
        if (! $reach instanceof Reach) {
            throw new RuntimeException('A rule of the benchmark cannot be read.');
        }
        $compiled = (new ReachCompiler(RuleFields::standard(), app(Categories::class)->tree(), LivingNames::of([$reach]), PageKind::Product))->compile($reach);
        $sql = (new ReachSql(app(ProductPages::class), $clock->now()->getTimestamp(), RuleCollections::none()))->covers($compiled);

        return [$sql->text, $sql->bindings];
    }
}
