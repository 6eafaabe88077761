<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use RuntimeException;
use Vestibra\Bench\Opponents\ExpressionLoop;

/** One product, its data loaded, no reasons on either side, among many live templates with four clauses each. */
final class VerdictBench
{
    private const PRODUCTS = 400;

    private const ROUNDS = 15;

    /** @return list<array<string, mixed>> */
    public function run(int $seed): array
    {
        $mix = $this->compare(500, false, $seed);
        $grouped = $this->compare(500, true, $seed);
        $many = $this->ours(5000, false, $seed);

        return [
            ['what' => 'verdict, given mix, 500 templates', 'ratio' => round($mix['theirs'] / $mix['ours'], 1), 'goal' => 'at least 5 times faster', ...$mix],
            ['what' => 'verdict, all on category, brand or tag', 'ratio' => round($grouped['theirs'] / $grouped['ours'], 1), 'goal' => 'at least 50 times faster', ...$grouped],
            ['what' => 'verdict, 5,000 templates against 500', 'ratio' => round($many / $mix['ours'], 2), 'goal' => 'at most 4 times the time', 'ours' => $many],
        ];
    }

    /** @return array{ours: float, theirs: float, samples: array<string, list<float>>} in microseconds a verdict */
    private function compare(int $templates, bool $grouped, int $seed): array
    {
        $world = new VerdictWorld($templates, $grouped, $seed);
        $evaluator = $world->evaluator();
        $loop = new ExpressionLoop($world);
        $products = array_map($world->product(...), range(1, self::PRODUCTS));
        foreach ($products as [$subject, $data]) {
            if ($evaluator->decide($subject)->templateId !== $loop->decide($data)) {
                throw new RuntimeException('The two sides do not agree.');
            }
        }
        $samples = Timing::both(
            static function () use ($evaluator, $products): void {
                foreach ($products as [$subject]) {
                    $evaluator->decide($subject);
                }
            },
            static function () use ($loop, $products): void {
                foreach ($products as [, $data]) {
                    $loop->decide($data);
                }
            },
            self::ROUNDS,
        );
        $each = static fn (string $side): float => round(Timing::median($samples[$side]) * 1000 / self::PRODUCTS, 3);

        return ['ours' => $each('ours'), 'theirs' => $each('theirs'), 'samples' => $samples];
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
