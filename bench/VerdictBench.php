<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use RuntimeException;
use Vestibra\Bench\Opponents\Buckets;
use Vestibra\Bench\Opponents\SortedChain;

/** One product, its data loaded, no reasons on either side, among many live templates with four clauses each. */
final class VerdictBench
{
    private const PRODUCTS = 400;

    private const NUMBERS = [22, 100, 500];

    private const OPPONENTS = ['one sorted chain' => SortedChain::class, 'buckets' => Buckets::class];

    private const ROUNDS = 15;

    /** @return list<array<string, mixed>> */
    public function run(int $seed): array
    {
        $rows = [];
        foreach ([false, true] as $grouped) {
            $mix = $grouped ? 'all on category, brand or tag' : 'given mix';
            foreach (self::NUMBERS as $number) {
                foreach (self::OPPONENTS as $name => $opponent) {
                    $rows[] = $this->compare([$mix, $name, $number], $opponent, $grouped, $seed);
                }
            }
        }
        $few = $this->ours(500, false, $seed);
        $many = $this->ours(5000, false, $seed);

        return [...$rows, [
            'what' => 'verdict, 5,000 templates against 500',
            'ratio' => round($many / $few, 2),
            'goal' => 'at most 4 times the time',
            'ours' => $many,
        ]];
    }

    /**
     * @param  array{string, string, int}  $case  what rules ask, the name of the opponent, how many templates
     * @param  class-string<SortedChain|Buckets>  $opponent
     * @return array<string, mixed> in microseconds a verdict
     */
    private function compare(array $case, string $opponent, bool $grouped, int $seed): array
    {
        [$mix, $name, $number] = $case;
        $world = new VerdictWorld($number, $grouped, $seed);
        $evaluator = $world->evaluator();
        $hand = new $opponent($world);
        $products = array_map($world->product(...), range(1, self::PRODUCTS));
        foreach ($products as [$subject, $data]) {
            if ($evaluator->decide($subject)->templateId !== $hand->decide($data)) {
                throw new RuntimeException("The two sides do not agree: $name.");
            }
        }
        $samples = Timing::both(
            static function () use ($evaluator, $products): void {
                foreach ($products as [$subject]) {
                    $evaluator->decide($subject);
                }
            },
            static function () use ($hand, $products): void {
                foreach ($products as [, $data]) {
                    $hand->decide($data);
                }
            },
            self::ROUNDS,
        );
        $each = static fn (string $side): float => round(Timing::median($samples[$side]) * 1000 / self::PRODUCTS, 3);

        return [
            'what' => "verdict, $mix, $number templates, against $name",
            'ratio' => round($each('ours') / max(0.001, $each('theirs')), 2), 'goal' => 'less is better',
            'ours' => $each('ours'), 'theirs' => $each('theirs'), 'samples' => $samples,
        ];
    }

    private function ours(int $templates, bool $grouped, int $seed): float
    {
        $world = new VerdictWorld($templates, $grouped, $seed);
        $evaluator = $world->evaluator();
        $products = array_map($world->product(...), range(1, self::PRODUCTS));
        $samples = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $samples[] = Timing::once(static function () use ($evaluator, $products): void {
                foreach ($products as [$subject]) {
                    $evaluator->decide($subject);
                }
            });
        }

        return round(Timing::median($samples) * 1000 / self::PRODUCTS, 3);
    }
}
