<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Pages\ProductPages;
use Vestibra\App\Reach\Rules\Sql\FirstOfMany;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\Bench\Opponents\ReachByHand;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;

/**
 * Count and first page of three common and three awkward rules against hand-written SQL on the same connection.
 *
 * @phpstan-import-type Rule from ReachByHand
 */
final class ReachBench
{
    private const ROUNDS = 15;

    private const FRAMES = [
        'count' => 'select count(*) from products p where p.published = 1 and (%s)',
        'first page' =>
            'select p.id from products p where p.published = 1 and (%s) order by p.title_folded, p.id limit 24',
    ];

    /** @return list<array<string, mixed>> */
    public function run(int $seed, int $size): array
    {
        $chance = new Chance($seed);
        $clock = app(ShopClock::class);
        $rows = [];
        foreach ((new ReachByHand($chance, $clock->now()))->rules() as $rule) {
            foreach (self::FRAMES as $what => $frame) {
                $rows[] = $this->row($rule, $what, $frame, $size, $clock);
            }
        }

        return $rows;
    }

    /**
     * @param  Rule  $rule
     * @return array<string, mixed>
     */
    private function row(array $rule, string $what, string $frame, int $size, ShopClock $clock): array
    {
        $ours = $this->where($rule['reach'], $clock, $what);
        $answer = DB::select(sprintf($frame, $ours[0]), $ours[1]);
        $theirs = sprintf($frame, $rule['all']);
        foreach ($what === 'count' ? ['all'] : ['all', 'first'] as $way) {
            $sql = sprintf($frame, $rule[$way]);
            if (DB::select($sql) != $answer) {
                throw new RuntimeException("The two sides do not agree on {$rule['name']} ($what, $way).");
            }
            $theirs = self::quicker($theirs, $sql);
        }
        $samples = Timing::both(
            fn () => DB::select(sprintf($frame, $this->where($rule['reach'], $clock, $what)[0]), $ours[1]),
            fn () => DB::select($theirs),
            self::ROUNDS,
        );
        [$a, $b] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];

        return [
            'what' => "reach, $what: {$rule['name']}",
            'products' => $size,
            'ratio' => round($a / $b, 2),
            'goal' => $rule['awkward'] ? 'at most 2' : 'at most 1.3',
            'ours' => round($a, 3),
            'theirs' => round($b, 3),
            'samples' => $samples,
        ];
    }

    /** Whoever writes for one database takes the way that is quicker in it. */
    private static function quicker(string $one, string $other): string
    {
        $samples = Timing::both(fn () => DB::select($one), fn () => DB::select($other), 3);

        return Timing::median($samples['ours']) <= Timing::median($samples['theirs']) ? $one : $other;
    }

    /**
     * @param  array<string, mixed>  $stored
     * @return array{string, list<mixed>}
     */
    private function where(array $stored, ShopClock $clock, string $what): array
    {
        $reach = (new ReachReader(RuleFields::standard(), $clock->zone, PageKind::Product))->parse($stored);
        if (! $reach instanceof Reach) {
            throw new RuntimeException('A rule of the benchmark cannot be read.');
        }
        $compiled = (new ReachCompiler(
            RuleFields::standard(),
            app(Categories::class)->tree(),
            LivingNames::of([$reach]),
            PageKind::Product,
        ))->compile($reach);
        $asked = [app(ProductPages::class), $clock->now()->getTimestamp(), RuleCollections::none()];
        $sql = $what === 'count'
            ? (new ReachSql(...$asked))->covers($compiled)
            : FirstOfMany::covers(...[...$asked, $compiled]);

        return [$sql->text, $sql->bindings];
    }
}
