<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Closure;
use Vestibra\Bench\VerdictWorld;
use Vestibra\Core\Reach\Condition;

/**
 * Cases in buckets by one condition that can be looked up (category, brand or tag), each bucket with the closest first;
 * a product looks into its own buckets alone and leaves each at the first that matches, or that cannot be the first any
 * more.
 */
final class Buckets
{
    private const SETS = ['category' => 'within', 'tag' => 'tags', 'brand' => 'brand'];

    /**
     * @var array<string, array<int, list<array{int, Closure(array<string, mixed>): bool, int}>>> set => id => rank, the
     *     rest of the test, template
     */
    private array $buckets = ['within' => [], 'tags' => [], 'brand' => []];

    /** @var list<array{int, Closure(array<string, mixed>): bool, int}> those that nothing can be looked up for */
    private array $rest = [];

    public function __construct(VerdictWorld $world)
    {
        foreach (RankedCases::of($world) as $rank => [$conditions, $template]) {
            $by = self::lookedUp($conditions);
            $others = array_filter($conditions, static fn (Condition $one): bool => $one !== $by);
            $test = $others === [] ? 'true' : implode(' && ', array_map(RankedCases::test(...), $others));
            $case = [$rank, eval("return static fn (array \$p): bool => $test;"), $template];
            foreach ($by === null ? [null] : $by->values as $id) {
                if ($by === null) {
                    $this->rest[] = $case;
                } else {
                    $this->buckets[self::SETS[$by->field]][(int) $id][] = $case;
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>  $product
     * @return int the template that wins, from 1
     */
    public function decide(array $product): int
    {
        $best = PHP_INT_MAX;
        $winner = 1;
        $look = static function (array $bucket) use ($product, &$best, &$winner): void {
            foreach ($bucket as [$rank, $test, $template]) {
                if ($rank >= $best) {
                    return;
                }
                if ($test($product)) {
                    [$best, $winner] = [$rank, $template];

                    return;
                }
            }
        };
        foreach ($product['within'] as $id => $one) {
            $look($this->buckets['within'][$id] ?? []);
        }
        foreach ($product['tags'] as $id => $one) {
            $look($this->buckets['tags'][$id] ?? []);
        }
        $look($this->buckets['brand'][$product['brand']] ?? []);
        $look($this->rest);

        return $winner;
    }

    /**
     * The rarest of what can be looked up.
     *
     * @param  list<Condition>  $conditions
     */
    private static function lookedUp(array $conditions): ?Condition
    {
        foreach (['tag', 'brand', 'category'] as $field) {
            foreach ($conditions as $condition) {
                if ($condition->field === $field) {
                    return $condition;
                }
            }
        }

        return null;
    }
}
