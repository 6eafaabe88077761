<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/**
 * The same question in one statement written for this scenario: the new template goes first, so that what it covers and
 * is not pinned elsewhere moves away from whatever the clauses, sorted by closeness, give it now.
 */
final readonly class ImpactByHand
{
    private string $sql;

    /**
     * @param  list<array{int, array<string, mixed>}>  $live
     * @param  array<string, mixed>  $newReach
     */
    public function __construct(array $live, array $newReach, DateTimeImmutable $now)
    {
        $ranked = [];
        foreach ($live as $hand => [$id, $reach]) {
            if (($reach['season']['until'] ?? null) !== null
                && new DateTimeImmutable($reach['season']['until']) <= $now) {
                continue;
            }
            foreach ($reach['show'] as $clause) {
                $depth = 0;
                foreach ($clause as $condition) {
                    $depth += $condition['field'] === 'category'
                        ? (int) DB::scalar(
                            'select count(*) from categories c join categories a on c.lower between a.lower and '
                                .'a.upper where c.id = ?',
                            $condition['values'],
                        )
                        : 0;
                }
                $ranked[] =
                    [[count($clause), $depth, -$hand], $id, implode(' and ', array_map(self::test(...), $clause))];
            }
        }
        usort($ranked, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        $case = 'case';
        foreach ($ranked as [, $id, $test]) {
            $case .= " when $test then $id";
        }
        $covered = implode(
            ' or ',
            array_map(
                static fn (array $clause): string => '('.implode(' and ', array_map(self::test(...), $clause)).')',
                $newReach['show'],
            ),
        );
        $this->sql = "select before_id, count(*) as count, min(id) as first from (select p.id, $case else 1 end as "
            .'before_id from products p'
            ." where p.published = 1 and ($covered) and p.id not in (select subject_id from pins where page_kind = "
            ."'product')) group by before_id";
    }

    public function moved(): int
    {
        $rows = DB::select($this->sql);
        DB::scalar('select count(*) from products where published = 1');

        return (int) array_sum(array_column($rows, 'count'));
    }

    /** @param  array<string, mixed>  $condition */
    private static function test(array $condition): string
    {
        $list = implode(',', $condition['values']);

        return match ($condition['field']) {
            'category' => 'p.id in (select product_id from category_product where category_id in (select c.id from '
                .'categories a join categories c on c.lower between a.lower and a.upper where a.id in ('.$list.')))',
            'brand' => "p.brand_id in ($list)",
            default => "p.id in (select product_id from product_tag where tag_id in ($list))",
        };
    }
}
